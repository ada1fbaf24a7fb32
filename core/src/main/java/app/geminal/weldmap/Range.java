package app.geminal.weldmap;

import app.geminal.validation.Require;
import org.ojalgo.random.Normal;

/**
 * How well something is known: 90 in 100 are believed to be between two figures.
 *
 * @param low 5 in 100 are below it
 * @param high 5 in 100 are above it
 * @param isFactor whether it spreads by factors and not by steps: log-normal, both figures above 0
 */
public record Range(double low, double high, boolean isFactor) {
  private static final Normal STANDARD = Normal.standard();

  /** How far 95 in 100 of a normal spread is from its middle, in standard deviations. */
  public static final double AT_95 = 1.6448536269514722;

  /** Nothing is sampled further out than this, in standard deviations. */
  private static final double FURTHEST = 3.5;

  /** Checks the order. */
  public Range {
    Require.number("low", low, isFactor ? Double.MIN_VALUE : -1e12, 1e12);
    Require.number("high", high, low, 1e12);
  }

  /** Spreads by steps. */
  public static Range of(double low, double high) {
    return new Range(low, high, false);
  }

  /** Spreads by factors. */
  public static Range byFactors(double low, double high) {
    return new Range(low, high, true);
  }

  /** The middle: as likely to be over as under. */
  public double median() {
    return isFactor ? Math.sqrt(low * high) : (low + high) / 2;
  }

  /** What it is at a rank, 0 to 1; a half is the median. */
  double at(double rank) {
    return atScore(STANDARD.getQuantile(rank));
  }

  /** What it is so many standard deviations from its middle; {@value #FURTHEST} at most. */
  public double atScore(double deviations) {
    double part = Math.clamp(deviations, -FURTHEST, FURTHEST) / AT_95;
    return isFactor
        ? median() * Math.pow(high / median(), part)
        : median() + part * (high - median());
  }

  /** How many standard deviations a figure is from its middle; the inverse of {@link #atScore}. */
  public double score(double figure) {
    double part =
        isFactor
            ? Math.log(figure / median()) / Math.log(high / median())
            : (figure - median()) / (high - median());
    return part * AT_95;
  }
}
