package app.geminal.server.note;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum NoteText implements ServerKey {
  THERE_IS_NO_FINDING,
  NO_BILLET,
  NO_HIDDEN_NOTE;

  @Override
  public String section() {
    return "note";
  }
}
