package app.geminal.server.weldmap;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum WeldMapText implements ServerKey {
  ANOTHER_WELD_WAS_ASKED_ABOUT,
  NO_SUCH_WELD,
  SEVERAL_MAPS_ARE_BEING_CALCULATED;

  @Override
  public String section() {
    return "weldmap";
  }
}
