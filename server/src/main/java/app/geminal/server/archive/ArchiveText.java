package app.geminal.server.archive;

import app.geminal.server.text.ServerKey;

/** What is said of archive. */
enum ArchiveText implements ServerKey {
  ARCHIVE_LIST_OF_FILES,
  THIS_IS_NOT_ARCHIVE_THIS_RELEASE,
  ARCHIVE_DOES_NOT_CONTAIN_FILES,
  FILE_CHANGED,
  FILE_IS_MISSING,
  LATER_ARCHIVE,
  THIS_IS_NOT_ARCHIVE_OR_IT,
  LINE_OF_ARCHIVE_IS_NOT_JSON,
  ARCHIVE_DOES_NOT_SAY_WHICH_RELEASE,
  THERE_IS_ALREADY_SHOP_HERE,
  NOTHING_WAS_TAKEN,
  ARCHIVE_LIST_FILES_NOT_JSON,
  THIS_ARCHIVE_IS_NO_LONGER,
  UNKNOWN_COLUMNS,
  INVALID_PHOTO_ID,
  UNKNOWN_ROLE;

  @Override
  public String section() {
    return "archive";
  }
}
