package app.geminal.server.photograph;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum PhotographText implements ServerKey {
  OTHER_PHOTOGRAPHS_ARE_BEING_READ,
  WRITE_SHARES,
  CORNERS_IN_ORDER;

  @Override
  public String section() {
    return "photograph";
  }
}
