package app.geminal.weld;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum WeldText implements MessageKey {
  PROTECTION_CAUTION;

  @Override
  public String section() {
    return "weld";
  }
}
