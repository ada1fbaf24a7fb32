package app.geminal.server.quarantine;

import app.geminal.server.text.ServerKey;

/** What is said of quarantine. */
enum QuarantineText implements ServerKey {
  NO_ROW;

  @Override
  public String section() {
    return "quarantine";
  }
}
