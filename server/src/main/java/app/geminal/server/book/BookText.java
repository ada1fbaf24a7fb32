package app.geminal.server.book;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum BookText implements ServerKey {
  NO_SUCH_WELD_STEP,
  WELD_IN_FUTURE,
  NO_ENTRY,
  THIS_WELD,
  NO_WELD,
  THIS_DATE_IS_BEFORE_1900,
  ENTRY_KEEPS_ITS_KIND_AND_ITS,
  THIS_ENTRY,
  ENTRY_IN_FUTURE,
  TOO_MANY_PHOTOS,
  PHOTOS_FULL,
  PHOTO_NOT_FOUND,
  ENTRY,
  OTHER_PHOTOS_ARE_BEING_PROCESSED,
  NO_SUCH_STEP;

  @Override
  public String section() {
    return "book";
  }
}
