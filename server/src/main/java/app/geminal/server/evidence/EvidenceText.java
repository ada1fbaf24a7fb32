package app.geminal.server.evidence;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum EvidenceText implements ServerKey {
  BOOK_HAS_NO_WELD_MADE,
  OWN_RECORD;

  @Override
  public String section() {
    return "evidence";
  }
}
