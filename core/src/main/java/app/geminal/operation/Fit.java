package app.geminal.operation;

/**
 * How a part met the bar it was laid to.
 *
 * @param part the part's name
 * @param what which size
 * @param ownMm of the bar at hand
 * @param partMm of the part, its shims with it
 */
public record Fit(String part, Measured what, double ownMm, double partMm) {
  /** Which size is meant. */
  public enum Measured {
    WIDTH,
    HEIGHT,
    LENGTH
  }

  /** How far they are apart, mm; above 0 where the part is the larger. */
  public double apartMm() {
    return partMm - ownMm;
  }
}
