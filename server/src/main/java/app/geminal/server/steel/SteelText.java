package app.geminal.server.steel;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum SteelText implements ServerKey {
  TABLE_WAS_NOT_IMPORTED,
  CORRECT_LINES_LISTED_AND_IMPORT_WHOLE,
  NO_OWN_STEEL,
  SHORT_NAME_IN_USE,
  THIS_STEEL,
  BUILT_IN_STEEL,
  NAME_TAKEN,
  TABLE_HAS_FAULTS;

  @Override
  public String section() {
    return "steel";
  }
}
