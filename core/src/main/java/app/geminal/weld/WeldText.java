package app.geminal.weld;

import app.geminal.text.MessageKey;

/** What is said of welds. */
enum WeldText implements MessageKey {
  PROTECTION_CAUTION;

  @Override
  public String section() {
    return "weld";
  }
}
