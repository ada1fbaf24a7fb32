package app.geminal.library;

import app.geminal.library.text.LibraryKey;

/** The texts of this package. */
enum SteelTableText implements LibraryKey {
  WRITE_TEST_AS_KIND_FIGURE_WHAT,
  NOT_ONE_OF,
  IS_NOT_NUMBER,
  THIS_COLUMN_IS_MISSING_FROM_HEADER,
  UNKNOWN_COLUMN,
  NOT_CSV,
  ROW_LENGTH,
  TOO_MANY_ROWS,
  STEEL_TWICE;

  @Override
  public String section() {
    return "steels";
  }
}
