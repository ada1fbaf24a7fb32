package app.geminal.finder;

import app.geminal.layers.Layer;
import app.geminal.layup.Piece;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.StartingSteel;
import java.util.Arrays;
import java.util.List;

/**
 * A stack or block on its way through a walk: its layers one by one, merged, and what it took to
 * get there. Its length is {@code a·start − b}.
 *
 * <p>Mutable; one lives at each depth and is filled again. What a walk only ends with is counted
 * and never filled.
 */
final class BlockProfile {
  /** So many times as thick as the middle layer, a sheet is a band of its own to the eye. */
  static final double COARSE_TIMES = 4;

  /**
   * Where the middle of the first stack's layers is taken, from the thin side: short of the half,
   * so that of two thicknesses laid in turn it is the thin one, whichever there is one more of.
   */
  static final double MIDDLE = 0.4;

  double[] mm = new double[64];
  byte[] steel = new byte[64];
  int layers;
  double heightMm;
  double widthMm;
  double a;
  double b;
  long shop;
  boolean symmetric;
  boolean loose;
  int joints;

  int welds;
  int faces;
  int cuts;
  int cools;
  int drawHeats;

  /** Mass of sheets laid in, {@code sheetA·start − sheetB}. */
  double sheetA;

  double sheetB;
  double tallestMm;
  double wideMm;
  double highMm;
  double forceKn;
  double outerMm;

  /** Height of sheets that were over four times as thick as the layers they were laid among, mm. */
  double coarseMm;

  /**
   * The layer in the middle of those of the first stack, by thickness, as thick as it is now, mm.
   */
  double medianMm;

  /**
   * The finest of the first stack's layers and the sheets laid in since, as thick as it is now, mm.
   */
  double finestMm;

  /** Layers to come, at most so many; what was there is forgotten. */
  void empty(int most) {
    layers = 0;
    if (mm.length < most) {
      mm = new double[most + most / 4];
      steel = new byte[mm.length];
    }
  }

  /** A layer; one of the same steel as the one below is one with it. */
  void add(byte newSteel, double thicknessMm) {
    if (layers > 0 && steel[layers - 1] == newSteel) {
      mm[layers - 1] += thicknessMm;
    } else {
      mm[layers] = thicknessMm;
      steel[layers] = newSteel;
      layers++;
    }
  }

  void begin(SearchContext context, StartStack start) {
    empty(start.pieces());
    start.laid().forEach(p -> add(context.number(p.steel()), p.thicknessMm()));
    heightMm = start.laid().stream().mapToDouble(Piece::thicknessMm).sum();
    widthMm = context.widthMm;
    begin(start.pieces(), start.isSymmetric(), true, start.pieces() - 1);
    sortOut();
  }

  void begin(SearchContext context, StartingSteel.Bar bar) {
    List<Layer> all = bar.bars().layers().layers(Integer.MAX_VALUE).orElseThrow();
    empty(all.size());
    all.forEach(l -> add(context.number(l.steel()), l.thicknessMm()));
    heightMm = bar.bars().heightMm();
    widthMm = bar.bars().widthMm();
    begin(bar.bars().shopCount(), false, bar.bars().loose(), 0);
    sortOut();
  }

  /** Which of the first layers are broad. */
  private void sortOut() {
    double[] sorted = Arrays.copyOf(mm, layers);
    Arrays.sort(sorted);
    medianMm = sorted[(int) (MIDDLE * layers)];
    finestMm = sorted[0];
    coarseMm = 0;
    for (double layer : sorted) {
      coarseMm += layer > COARSE_TIMES * medianMm ? layer : 0;
    }
  }

  /** Part of the height that is broad sheets, %. */
  double coarsePercent() {
    return Math.min(100, 100 * coarseMm / heightMm);
  }

  private void begin(long shopCount, boolean isSymmetric, boolean isLoose, int newJoints) {
    shop = shopCount;
    symmetric = isSymmetric;
    loose = isLoose;
    joints = newJoints;
    a = 1;
    b = 0;
    welds = 0;
    faces = 2 * newJoints;
    cuts = 0;
    cools = 0;
    drawHeats = 0;
    sheetA = 0;
    sheetB = 0;
    tallestMm = 0;
    wideMm = 0;
    highMm = 0;
    forceKn = 0;
    outerMm = Double.POSITIVE_INFINITY;
  }

  /** Takes over what the way to the block before took, and adds the way from there. */
  void follow(
      SearchContext context, BlockProfile before, BarProfile piece, int newJoints, int newCuts) {
    loose = true;
    joints = newJoints;
    widthMm = piece.widthMm;
    a = piece.a;
    b = piece.b;
    welds = before.welds;
    faces = before.faces + 2 * newJoints;
    cuts = before.cuts + newCuts;
    cools = before.cools + 1;
    drawHeats = before.drawHeats + piece.heats;
    sheetA = before.sheetA;
    sheetB = before.sheetB;
    tallestMm = before.tallestMm;
    wideMm = before.wideMm;
    highMm = before.highMm;
    forceKn = before.forceKn;
    if (piece.heats > 0) {
      forceKn = Math.max(forceKn, context.drawForceKn(piece.drawnWidthMm, piece.drawnHeightMm));
    }
    outerMm = before.outerMm;
  }

  void addSheets(int times, List<SearchContext.Sheet> sheets) {
    for (SearchContext.Sheet sheet : sheets) {
      double kgPerMm = times * sheet.kgMm2() * widthMm;
      sheetA += kgPerMm * a;
      sheetB += kgPerMm * b;
    }
  }

  /** Notes what setting it asks of the shop. */
  void set(SearchContext context) {
    welds++;
    tallestMm = Math.max(tallestMm, heightMm);
    wideMm = Math.max(wideMm, Math.max(widthMm, heightMm));
    highMm = Math.max(highMm, Math.min(widthMm, heightMm));
    forceKn = Math.max(forceKn, context.setForceKn(widthMm, heightMm));
  }
}
