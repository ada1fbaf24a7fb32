package app.geminal.evidence;

/**
 * Two ways of working beside each other: how much more often one delaminates.
 *
 * <p>Limits of the difference are put together from the exact limits of both shares (Newcombe's
 * way, Statistics in Medicine 17, 1998, 873); they err on the wide side.
 *
 * @param one the first way
 * @param other the second
 * @param difference share of open welds of the first less that of the second
 * @param limits of the difference, −1 to 1
 * @param needed more decided welds of each way until a difference as big as it looks now, or of ten
 *     points if it looks smaller, would be reported in four of five records; 0 where they are
 *     distinguished already
 */
public record Comparison(
    WeldTally one, WeldTally other, double difference, Interval limits, int needed) {
  /** A smaller difference is not worth finding. */
  private static final double WORTH = 0.1;

  /** Normal quantiles of the 90 % limits and of four in five. */
  private static final double Z_LIMITS = 1.6449;

  private static final double Z_POWER = 0.8416;

  /** Both ways compared. */
  public static Comparison of(WeldTally one, WeldTally other) {
    double p = one.openShare();
    double q = other.openShare();
    Interval a = one.interval();
    Interval b = other.interval();
    double difference = p - q;
    Interval limits =
        new Interval(
            Math.max(-1, difference - Math.hypot(p - a.low(), b.high() - q)),
            Math.min(1, difference + Math.hypot(a.high() - p, q - b.low())));
    boolean significant = limits.low() > 0 || limits.high() < 0;
    int fewest = Math.min(one.judged(), other.judged());
    return new Comparison(
        one, other, difference, limits, significant ? 0 : Math.max(1, each(p, q) - fewest));
  }

  /** Whether the limits leave out that both are alike. */
  public boolean isSignificant() {
    return needed == 0;
  }

  /** Welds of each way to report the two shares apart (Fleiss, without correction). */
  private static int each(double p, double q) {
    double middle = (p + q) / 2;
    boolean small = Math.abs(p - q) < WORTH;
    double low = small ? Math.clamp(middle - WORTH / 2, 0, 1 - WORTH) : p;
    double high = small ? low + WORTH : q;
    double mean = (low + high) / 2;
    double root =
        Z_LIMITS * Math.sqrt(2 * mean * (1 - mean))
            + Z_POWER * Math.sqrt(low * (1 - low) + high * (1 - high));
    double difference = high - low;
    return (int) Math.ceil(root * root / (difference * difference));
  }
}
