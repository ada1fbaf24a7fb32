package app.geminal.finder;

/**
 * What the last block of a schedule becomes when it is set, where it is loose, and drawn to the
 * finished size. Only its section matters, and neighbours in a walk often have the same one, so the
 * last is kept. Not for threads.
 */
final class FinalDraw {
  /** Less than this is nothing, mm. */
  private static final double LEAST_LEFT_MM = 0.01;

  private final SearchContext context;

  private double blockWidthMm;
  private double blockHeightMm;
  private boolean blockIsLoose;

  /** Its size when it is set. */
  private double widthMm;

  private double heightMm;

  private int heats;
  private double skinMm;
  private boolean isThin;
  private boolean isBurnt;
  private double goneMm;

  FinalDraw(SearchContext context) {
    this.context = context;
  }

  /** From now on it is about a block of this section. */
  void of(double newWidthMm, double newHeightMm, boolean isLoose) {
    if (newWidthMm == blockWidthMm && newHeightMm == blockHeightMm && isLoose == blockIsLoose) {
      return;
    }
    blockWidthMm = newWidthMm;
    blockHeightMm = newHeightMm;
    blockIsLoose = isLoose;
    widthMm = newWidthMm;
    heightMm = newHeightMm;
    goneMm = 0;
    double setSkinMm = context.setSkinMm;
    isBurnt = isLoose && Math.min(widthMm, heightMm) - 2 * setSkinMm <= LEAST_LEFT_MM;
    if (isBurnt) {
      return;
    }
    if (isLoose) {
      goneMm = setSkinMm;
      widthMm = (widthMm - 2 * setSkinMm) * context.setSpreads;
      heightMm = (heightMm - 2 * setSkinMm) * context.setKeeps;
    }
    heats = context.taskTimes.drawHeats(widthMm * heightMm, context.finishMm2);
    skinMm = heats * context.drawSkinMm;
    isThin =
        Math.min(widthMm, heightMm) - 2 * skinMm <= LEAST_LEFT_MM
            || context.finishMm2 > (widthMm - 2 * skinMm) * (heightMm - 2 * skinMm);
    if (!isThin) {
      goneMm += isLoose ? skinMm / context.setKeeps : skinMm;
    }
  }

  /** Whether nothing is left of it. */
  boolean isBurnt() {
    return isBurnt;
  }

  /** Whether it has less section than the finished bar. */
  boolean isThin() {
    return isThin;
  }

  /** What is lost from the block's top and from its bottom, by its own height, mm. */
  double goneMm() {
    return goneMm;
  }

  /** Whether all of an outermost bar is lost. */
  boolean takesAllOf(BarProfile outermost) {
    return goneMm >= outermost.heightMm - LEAST_LEFT_MM;
  }

  int heats() {
    return heats;
  }

  /** Scale on each face, mm. */
  double skinMm() {
    return skinMm;
  }

  /** How many times as long the block becomes. */
  double longer() {
    return (widthMm - 2 * skinMm) * (heightMm - 2 * skinMm) / context.finishMm2;
  }

  double forceKn() {
    return context.drawForceKn(widthMm, heightMm);
  }
}
