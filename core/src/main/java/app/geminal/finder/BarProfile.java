package app.geminal.finder;

/**
 * A bar on its way through a walk, looked at through the layers of the block it came from: which of
 * them are left, how they are scaled, how big it is. Its length is {@code a·start − b}; the start
 * is chosen at the end.
 *
 * <p>Mutable; one lives in each place of a walk and is used again and again.
 */
final class BarProfile {
  /** Less than this of a block's layer is rounding and no layer. */
  private static final double DUST_MM = 1e-9;

  private static final double LEAST_LEFT_MM = 0.01;

  private double[] mm = new double[0];
  private byte[] steel = new byte[0];
  private int from;
  private int to;

  /** What is gone of the lowest and of the highest layer, in the block's own thickness. */
  private double goneBelow;

  private double goneAbove;
  private double scale;
  double heightMm;
  double widthMm;
  double a;
  double b;

  /** The last draw: its heats, 0 where there was none, and the section before it. */
  int heats;

  double drawnWidthMm;
  double drawnHeightMm;

  void of(BlockProfile block) {
    mm = block.mm;
    steel = block.steel;
    from = 0;
    to = block.layers - 1;
    goneBelow = 0;
    goneAbove = 0;
    scale = 1;
    heightMm = block.heightMm;
    widthMm = block.widthMm;
    a = block.a;
    b = block.b;
    heats = 0;
  }

  void of(BarProfile that) {
    mm = that.mm;
    steel = that.steel;
    from = that.from;
    to = that.to;
    goneBelow = that.goneBelow;
    goneAbove = that.goneAbove;
    scale = that.scale;
    heightMm = that.heightMm;
    widthMm = that.widthMm;
    a = that.a;
    b = that.b;
    heats = that.heats;
    drawnWidthMm = that.drawnWidthMm;
    drawnHeightMm = that.drawnHeightMm;
  }

  /** How much lower it is than the same part of the block it came from. */
  double scale() {
    return scale;
  }

  int layers() {
    return to - from + 1;
  }

  byte bottomSteel() {
    return steel[from];
  }

  byte topSteel() {
    return steel[to];
  }

  /** Thickness of the lowest layer that is left. */
  double lowestMm() {
    return layerMm(from);
  }

  /** Thickness of the highest layer that is left. */
  double highestMm() {
    return layerMm(to);
  }

  /** What is left of the lowest layer of {@code whole}, 0 when it is gone. */
  double bottomLayerMm(BarProfile whole) {
    return from == whole.from ? layerMm(from) : 0;
  }

  /** What is left of the highest layer of {@code whole}, 0 when it is gone. */
  double topLayerMm(BarProfile whole) {
    return to == whole.to ? layerMm(to) : 0;
  }

  private double layerMm(int i) {
    double left = mm[i];
    if (i == from) {
      left -= goneBelow;
    }
    if (i == to) {
      left -= goneAbove;
    }
    return left * scale;
  }

  /** Lays it on a block, as it is or turned over; heights are added up elsewhere. */
  void layOn(BlockProfile block, boolean turned) {
    byte first = turned ? steel[to] : steel[from];
    boolean merges = block.layers > 0 && block.steel[block.layers - 1] == first;
    int at = merges ? block.layers - 1 : block.layers;
    double below = merges ? block.mm[at] : 0;
    int last = at + to - from;
    if (turned) {
      for (int i = 0; i <= to - from; i++) {
        block.mm[at + i] = mm[to - i] * scale;
        block.steel[at + i] = steel[to - i];
      }
    } else {
      for (int i = 0; i <= to - from; i++) {
        block.mm[at + i] = mm[from + i] * scale;
      }
      System.arraycopy(steel, from, block.steel, at, to - from + 1);
    }
    block.mm[turned ? last : at] -= goneBelow * scale;
    block.mm[turned ? at : last] -= goneAbove * scale;
    block.mm[at] += below;
    block.layers = last + 1;
  }

  /** Sets it, its height and its length along; false when it would burn away. */
  boolean weld(SearchContext context) {
    if (!skin(context.setSkinMm)) {
      return false;
    }
    resize(widthMm * context.setSpreads, heightMm * context.setKeeps);
    a *= context.setSpreads;
    b *= context.setSpreads;
    return true;
  }

  /** Draws it down for a restack where there is something to draw; false when it burns away. */
  boolean drawDown(SearchContext context, double toHeightMm) {
    heats = 0;
    int needed = context.taskTimes.drawHeats(widthMm * heightMm, context.widthMm * toHeightMm);
    double skin = 2 * needed * context.drawSkinMm;
    boolean enough =
        heightMm > toHeightMm
            && (widthMm - skin) * (heightMm - skin) >= context.widthMm * toHeightMm;
    return !enough || draw(context, context.widthMm, toHeightMm, needed);
  }

  private boolean draw(SearchContext context, double toWidthMm, double toHeightMm, int needed) {
    heats = needed;
    drawnWidthMm = widthMm;
    drawnHeightMm = heightMm;
    if (!skin(needed * context.drawSkinMm)) {
      return false;
    }
    double longer = widthMm * heightMm / (toWidthMm * toHeightMm);
    a *= longer;
    b *= longer;
    resize(toWidthMm, toHeightMm);
    return true;
  }

  void trim(double endMm) {
    b += 2 * endMm;
  }

  void cut(int pieces, double kerfMm) {
    a /= pieces;
    b = (b + (pieces - 1) * kerfMm) / pieces;
  }

  void fold(double endMm) {
    a /= 2;
    b = (b + endMm) / 2;
  }

  /** Takes a skin off all six sides; false when hardly anything would be left. */
  private boolean skin(double skinMm) {
    if (skinMm <= 0) {
      return true;
    }
    if (Math.min(widthMm, heightMm) - 2 * skinMm <= LEAST_LEFT_MM) {
      return false;
    }
    raise(skinMm);
    lower(skinMm);
    widthMm -= 2 * skinMm;
    b += 2 * skinMm;
    return true;
  }

  private void resize(double newWidthMm, double newHeightMm) {
    scale *= newHeightMm / heightMm;
    heightMm = newHeightMm;
    widthMm = newWidthMm;
  }

  /** Takes steel off the bottom. */
  void raise(double takenMm) {
    heightMm -= takenMm;
    double rest = takenMm / scale;
    while (from < to && rest >= mm[from] - goneBelow - DUST_MM) {
      rest -= mm[from] - goneBelow;
      goneBelow = 0;
      from++;
    }
    goneBelow += Math.max(0, rest);
  }

  /** Takes steel off the top. */
  void lower(double takenMm) {
    heightMm -= takenMm;
    double rest = takenMm / scale;
    while (to > from && rest >= mm[to] - goneAbove - DUST_MM) {
      rest -= mm[to] - goneAbove;
      goneAbove = 0;
      to--;
    }
    goneAbove += Math.max(0, rest);
  }

  /** How many layers would go with so much off the bottom, or off the top; it stays as it is. */
  int layersIn(double takenMm, boolean offTop) {
    double rest = takenMm / scale;
    int gone = 0;
    int i = offTop ? to : from;
    while (gone < to - from) {
      double layer = mm[i] - (i == from ? goneBelow : 0) - (i == to ? goneAbove : 0);
      if (rest < layer - DUST_MM) {
        break;
      }
      rest -= layer;
      gone++;
      i += offTop ? -1 : 1;
    }
    return gone;
  }
}
