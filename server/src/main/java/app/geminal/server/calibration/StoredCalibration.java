package app.geminal.server.calibration;

import app.geminal.following.HeatCalibration;
import app.geminal.shop.Shop;

/**
 * What was learned, and by which correction of the forge's gauge.
 *
 * @param gaugeOffsetC what was added to the gauge then, K
 */
public record StoredCalibration(HeatCalibration calibration, double gaugeOffsetC) {
  /** As it is known with the gauge of a shop as that is corrected now. */
  static StoredCalibration of(HeatCalibration known, Shop shop) {
    return new StoredCalibration(known, shop.forge().gaugeCorrectionC());
  }

  /** With the gauge corrected as it is now: a correction counts once. */
  public HeatCalibration in(Shop shop) {
    return calibration.corrected(shop.forge().gaugeCorrectionC() - gaugeOffsetC);
  }
}
