package app.geminal.server.quarantine;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum QuarantineText implements ServerKey {
  NO_ROW;

  @Override
  public String section() {
    return "quarantine";
  }
}
