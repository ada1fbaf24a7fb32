package app.geminal.server.device;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum DeviceText implements ServerKey {
  CODE_IS_NOT_VALID,
  NO_DEVICE;

  @Override
  public String section() {
    return "device";
  }
}
