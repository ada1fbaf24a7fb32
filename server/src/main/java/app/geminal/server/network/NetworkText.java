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
  WARNED;

  @Override
  public String section() {
    return "network";
  }
}
