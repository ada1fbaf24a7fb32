package app.geminal.heat;

/**
 * The forge's flame, by how much oxygen it leaves. The factors act on the thickness of scale and
 * are calibrated on practice, not measured; low confidence, ranges in each comment.
 */
public enum Atmosphere {
  /** More than 2 % oxygen left over; 0.6 to 1.0. */
  OXIDISING(0.8),
  /** Neither; 0.3 to 0.7. */
  NEUTRAL(0.5),
  /** A tongue of flame out of the door; 0.1 to 0.4. Slows scale, never stops it; makes much CO. */
  RICH(0.2);

  private final double scaleFactor;

  Atmosphere(double scaleFactor) {
    this.scaleFactor = scaleFactor;
  }

  /** What it leaves of the scale that grows in air, by thickness. */
  public double scaleFactor() {
    return scaleFactor;
  }
}
