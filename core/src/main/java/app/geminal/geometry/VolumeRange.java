package app.geminal.geometry;

/**
 * Volume of a small piece of steel before a change over its volume afterwards: what nine pieces in
 * ten are no less than, and nine in ten no more.
 *
 * @param tenth percentile, above 0
 * @param ninetieth percentile
 */
public record VolumeRange(double tenth, double ninetieth) {
  /** Every piece keeps its volume. */
  public static final VolumeRange KEPT = new VolumeRange(1, 1);
}
