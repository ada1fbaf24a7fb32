package app.geminal.server.stored;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum StoredText implements ServerKey {
  THIS_IS_NOT_JSON,
  THIS_IS_NOT_JSON_OBJECT,
  EXPECTED_OBJECT_WITH_NAMED_VALUES,
  EXPECTED_TRUE_OR_FALSE,
  EXPECTED_TIME_SUCH_AS_2026_02,
  EXPECTED_WHOLE_NUMBER,
  EXPECTED_TEXT,
  ID_OF_REQUEST_IS_UUID,
  THIS_ID_WAS_USED_FOR_ANOTHER,
  UNKNOWN_QUANTITY,
  UNKNOWN_NAME,
  STORED_BY_LATER_RELEASE,
  AT_PLACE,
  NOT_AS_EXPECTED,
  EXPECTED_NUMBER,
  EXPECTED_LIST;

  @Override
  public String section() {
    return "stored";
  }
}
