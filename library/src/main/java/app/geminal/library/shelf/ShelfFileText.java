package app.geminal.library.shelf;

import app.geminal.library.text.LibraryKey;

/** The texts of this package. */
enum ShelfFileText implements LibraryKey {
  COLUMN_IS_MISSING,
  NO_WHOLE_NUMBER,
  NO_NUMBER,
  NOT_CSV,
  TOO_MANY_ROWS;

  @Override
  public String section() {
    return "shelf-file";
  }
}
