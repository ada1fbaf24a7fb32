package app.geminal.server.network;

import app.geminal.server.text.ServerKey;

/** What the page about trust says. */
enum NetworkText implements ServerKey {
  TITLE,
  WHY,
  STEP_INSTALL,
  CERTIFICATE,
  PROFILE,
  ON_IPHONE,
  ON_ANDROID,
  ON_WINDOWS,
  ON_MAC,
  STEP_COMPARE,
  COMPARE,
  STEP_OPEN,
  OPEN,
  WARNED,
  STEP_CHECK,
  TRUSTED,
  NOT_TRUSTED,
  CHECK_AGAIN,
  SETTINGS_DECIDE,
  CANNOT_OPEN;

  @Override
  public String section() {
    return "network";
  }
}
