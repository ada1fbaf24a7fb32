package app.geminal.evidence;

import app.geminal.numeric.Border;
import app.geminal.validation.Require;

/**
 * Where a share is that was seen so often in so many: exact binomial limits, after Clopper and
 * Pearson (Biometrika 26, 1934, 404). They hold the truth at least as often as they say.
 *
 * @param low 0 to 1
 * @param high 0 to 1
 */
public record Interval(double low, double high) {
  /** How often the limits hold the truth. */
  public static final double LEVEL = 0.9;

  /** Shares nearer to each other than this are the same. */
  private static final double NOTHING = 0x1p-60;

  /** Limits for a share that was seen {@code hits} times in {@code n}; all of 0 to 1 for none. */
  public static Interval of(int hits, int n) {
    Require.count("n", n, 0, 1_000_000);
    Require.count("hits", hits, 0, n);
    double tail = (1 - LEVEL) / 2;
    return new Interval(
        hits == 0 ? 0 : solved(hits, n, tail), hits == n ? 1 : solved(hits + 1, n, 1 - tail));
  }

  /** The share that gives {@code hits} or more in {@code n} with that chance. */
  private static double solved(int hits, int n, double chance) {
    double choices = 0;
    for (int i = 0; i < hits; i++) {
      choices += Math.log((double) (n - i) / (hits - i));
    }
    double logChoices = choices;
    return Border.between(0, 1, NOTHING, p -> atLeast(hits, n, logChoices, p) < chance).middle();
  }

  /**
   * Chance of {@code hits} or more, term by term. The library's incomplete beta function would be
   * the closed form, but is off from the second digit on for a few hundred welds.
   *
   * @param choices logarithm of n over hits
   */
  private static double atLeast(int hits, int n, double choices, double p) {
    double odds = Math.log(p / (1 - p));
    double term = choices + hits * Math.log(p) + (n - hits) * Math.log1p(-p);
    double sum = 0;
    for (int k = hits; k <= n; k++) {
      sum += Math.exp(term);
      term += Math.log((double) (n - k) / (k + 1)) + odds;
    }
    return sum;
  }

  /** From low to high. */
  public double width() {
    return high - low;
  }
}
