package app.geminal.server.calibration;

import app.geminal.following.HeatCalibration;
import app.geminal.shop.Shop;
import java.util.Objects;

/**
 * What was learned, and by which correction of the forge's gauge.
 *
 * @param gaugeOffsetC what was added to the gauge then, K
 */
public record StoredCalibration(HeatCalibration calibration, double gaugeOffsetC) {
  /** What is added to the gauge of a shop's forge, K. */
  static double gaugeOffsetC(Shop shop) {
    return Objects.requireNonNullElse(shop.forge().gaugeOffsetC(), 0.0);
  }

  /** With the gauge corrected as it is now: a correction counts once. */
  public HeatCalibration in(Shop shop) {
    return calibration.corrected(gaugeOffsetC(shop) - gaugeOffsetC);
  }
}
