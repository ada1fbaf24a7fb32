package app.geminal.weldmap;

/**
 * Pressure over a face between flat dies, in times the flow stress: the slab method, {@code
 * exp(2µx/h)} from the edge inwards, a straight line where the steel sticks to the dies.
 */
final class FrictionHill {
  private static final int SLICES = 40;
  private static final double SHEAR_LIMIT = 1 / Math.sqrt(3);

  private final double friction;
  private final double heightMm;
  private final double widthMm;
  private final double mean;

  /**
   * Of one bar.
   *
   * @param widthMm across which the steel flows
   * @param heightMm between the dies
   */
  FrictionHill(double friction, double widthMm, double heightMm) {
    this.friction = friction;
    this.heightMm = heightMm;
    this.widthMm = widthMm;
    double sum = 0;
    for (int i = 0; i < SLICES; i++) {
      sum += at((i + 0.5) / SLICES);
    }
    this.mean = sum / SLICES;
  }

  /** Pressure at a place across, 0 to 1. */
  double at(double across) {
    double insideMm = widthMm * Math.min(across, 1 - across);
    double slides = Math.max(1, SHEAR_LIMIT / friction);
    double slidesMm = heightMm / (2 * friction) * Math.log(slides);
    return insideMm <= slidesMm
        ? Math.exp(2 * friction * insideMm / heightMm)
        : slides + 2 * SHEAR_LIMIT / heightMm * (insideMm - slidesMm);
  }

  /** Pressure at a place in times the mean. */
  double overMean(double across) {
    return at(across) / mean;
  }

  /** Mean pressure. */
  double mean() {
    return mean;
  }
}
