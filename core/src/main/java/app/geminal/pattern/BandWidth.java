package app.geminal.pattern;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/** How wide a layer shows where a ground face cuts it at a shallow angle. */
public final class BandWidth {
  private BandWidth() {}

  /**
   * Width of the band a layer makes on a surface: w = t / sin α.
   *
   * @param layerMm thickness of the layer, mm
   * @param angleDeg between the surface and the layer's plane, above 0 to 90 degrees
   * @return mm
   */
  public static double mm(double layerMm, double angleDeg) {
    Require.lengthAbove("layerMm", layerMm, 0, 1000);
    Require.quantity(QuantityKind.ANGLE, "angleDeg", angleDeg, 0.01, 90);
    return layerMm / Math.sin(Math.toRadians(angleDeg));
  }

  /**
   * Distance between contour lines on a face ground nearly along the layers.
   *
   * @param layerMm thickness of a layer, mm
   * @param slope of the layers against the face, fraction, above 0
   * @return mm
   */
  public static double ringSpacingMm(double layerMm, double slope) {
    Require.number("slope", slope, 1e-6, 10);
    return layerMm / slope;
  }
}
