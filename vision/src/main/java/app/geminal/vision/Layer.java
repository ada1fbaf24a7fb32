package app.geminal.vision;

/**
 * One layer on a line, from one boundary to the next, px from where the line begins.
 *
 * @param fromPx may be negative where the line begins within the layer
 * @param toPx may be beyond the end of the line
 */
public record Layer(double fromPx, double toPx) {
  /** How thick it is along the line, px. */
  public double thicknessPx() {
    return toPx - fromPx;
  }
}
