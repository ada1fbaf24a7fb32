package app.geminal.server.calibration;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum CalibrationText implements ServerKey {
  NO_CALIBRATION;

  @Override
  public String section() {
    return "calibration";
  }
}
