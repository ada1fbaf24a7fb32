package app.geminal.flaw;

import app.geminal.text.Message;

/** What was found. */
public enum FlawKind {
  SEAM,
  COLD_SHUT,
  INCLUSION,
  BLISTER,
  CRACK;

  /** What a smith calls it. */
  public Message words() {
    return Message.word(this);
  }
}
