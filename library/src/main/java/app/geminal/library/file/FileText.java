package app.geminal.library.file;

import app.geminal.library.text.LibraryKey;

/** The texts of this package. */
enum FileText implements LibraryKey {
  FILE_IS_TOO_LARGE,
  REQUEST_BODY_CANNOT_BE_READ,
  UNKNOWN_FIELD,
  UNKNOWN_STEP,
  ENTER_PIECE_WITH_STEEL_AND_THICKNESS,
  WRITE_NUMBER_HERE,
  USE_ONE_OF,
  VALUE_HERE_IS_MISSING,
  FROM_HERE,
  FILE_TOO_LONG,
  FILE_IS_JSON_OBJECT,
  WRONG_FORMAT,
  UNKNOWN_VERSION;

  @Override
  public String section() {
    return "file";
  }
}
