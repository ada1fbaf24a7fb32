package app.geminal.flaw;

import app.geminal.text.MessageKey;

/** The texts of this package. */
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
