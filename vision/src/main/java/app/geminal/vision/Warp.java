package app.geminal.vision;

/**
 * By how much what is seen along a bar is off where its corners alone would have it, as shares of
 * its length: a bent lens, a camera aslant beyond what short edges can say, and uneven work. Both
 * ends are where they are.
 *
 * @param bow of all to one side, the most in the middle
 * @param swing of one half to one side and of the other half to the other
 */
record Warp(double bow, double swing) {
  static final Warp NONE = new Warp(0, 0);

  /** From where on the picture comes what belongs at a place, both from 0 to 1. */
  double from(double at) {
    double inside = at * (1 - at);
    // Its most is 1 in the middle, and 1 at a fifth from either end.
    return at + bow * 4 * inside + swing * 10.4 * inside * (1 - 2 * at);
  }

  Warp plus(double moreBow, double moreSwing) {
    return new Warp(bow + moreBow, swing + moreSwing);
  }
}
