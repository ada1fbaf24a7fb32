package app.geminal.server.note;

import app.geminal.server.text.ServerKey;

/** What is said of note. */
enum NoteText implements ServerKey {
  THERE_IS_NO_FINDING,
  NO_BILLET,
  NO_HIDDEN_NOTE;

  @Override
  public String section() {
    return "note";
  }
}
