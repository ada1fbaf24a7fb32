package app.geminal.vision;

import java.util.OptionalDouble;

/**
 * How warm the colour is along a line: etched steel is grey, a bench rarely is, however dark or
 * bright. Says where the steel ends when brightness does not.
 */
final class Warmth {
  /** A smaller difference, in levels of 255, says nothing. */
  private static final double LEAST = 5;

  private static final double NOISE_SIGMAS = 3;

  private final float[] warmth;
  private final double beyond;

  /**
   * Of a line.
   *
   * @param warmth one sample each pixel
   * @param beyond how many of them are before its beginning
   */
  Warmth(float[] warmth, double beyond) {
    this.warmth = warmth;
    this.beyond = beyond;
  }

  /**
   * Where colour changes from that of the steel to that beside it, px along the line.
   *
   * @param outer a place in or at the edge of the steel
   * @param side −1 where the steel ends towards the line's beginning, 1 towards its end
   * @param thicknessPx of a layer
   */
  OptionalDouble edge(double outer, int side, double thicknessPx) {
    int at = (int) Math.round(outer + beyond);
    int reach = (int) Math.max(6, thicknessPx);
    double steel = mean(at - side * reach, at - 4 * side * reach);
    double bench = mean(at + side * 2 * reach, at + 4 * side * reach);
    double noise = spread(at - side * reach, at - 4 * side * reach, steel);
    if (Double.isNaN(steel)
        || Double.isNaN(bench)
        || Math.abs(steel - bench) < Math.max(LEAST, NOISE_SIGMAS * noise)) {
      return OptionalDouble.empty();
    }
    double middle = (steel + bench) / 2;
    for (int i = at + 2 * side * reach; i >= 1 && i + 1 < warmth.length; i -= side) {
      if ((warmth[i] - middle) * (steel - middle) > 0) {
        return OptionalDouble.of(i - beyond);
      }
      if (Math.abs(i - at) > 5 * reach) {
        break;
      }
    }
    return OptionalDouble.empty();
  }

  /** Between two samples, in either order; NaN where too few of them are on the ribbon. */
  private double mean(int a, int b) {
    int from = Math.max(0, Math.min(a, b));
    int to = Math.min(warmth.length, Math.max(a, b));
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += warmth[i];
    }
    return to - from < 3 ? Double.NaN : sum / (to - from);
  }

  private double spread(int a, int b, double mean) {
    int from = Math.max(0, Math.min(a, b));
    int to = Math.min(warmth.length, Math.max(a, b));
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += (warmth[i] - mean) * (warmth[i] - mean);
    }
    return Math.sqrt(sum / Math.max(1, to - from));
  }
}
