package app.geminal.evidence;

import app.geminal.text.MessageKey;

/** What is said of welds by the record. */
enum EvidenceText implements MessageKey {
  SOAKED_TOO_SHORT,
  SOAKED_TOO_LONG,
  BELOW_WINDOW,
  ABOVE_WINDOW,
  TOO_LONG_OUT,
  IN_YOUR_BOOK;

  @Override
  public String section() {
    return "evidence";
  }
}
