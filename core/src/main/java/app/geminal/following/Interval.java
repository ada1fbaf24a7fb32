package app.geminal.following;

/**
 * A figure and how well it is known: 90 in 100 are believed to be between its ends.
 *
 * @param low 5 in 100 are below it
 * @param middle as likely to be over as under
 * @param high 5 in 100 are above it
 */
public record Interval(double low, double middle, double high) {
  /** Half of what is between its ends. */
  public double halfWidth() {
    return (high - low) / 2;
  }
}
