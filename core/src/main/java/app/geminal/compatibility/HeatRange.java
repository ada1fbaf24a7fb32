package app.geminal.compatibility;

/**
 * Hardening heats of several steels together, °C. Where {@code fromC} is above {@code toC} they do
 * not meet, and the difference is the gap.
 *
 * @param fromC lower end, °C
 * @param toC upper end, °C
 */
public record HeatRange(double fromC, double toC) {
  /** Degrees shared; negative is a gap. */
  public double overlapC() {
    return toC - fromC;
  }

  /** Half-way: the compromise where they do not meet. */
  public double middleC() {
    return (fromC + toC) / 2;
  }
}
