package app.geminal.flaw;

import app.geminal.text.MessageKey;

/** What is refused, and what may be read instead, in flaw. */
enum FlawText implements MessageKey {
  SOUND_JOINT_IS_NOT_FLAW,
  CHOOSE_INSPECTION_METHOD,
  TWO_FLAWS_HAVE_SAME_ID,
  END_IS_BEFORE_START;

  @Override
  public String section() {
    return "flaw";
  }
}
