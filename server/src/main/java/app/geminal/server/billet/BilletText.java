package app.geminal.server.billet;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum BilletText implements ServerKey {
  NO_BILLET,
  THIS_BILLET,
  UNKNOWN_STEP,
  STEP_NOT_REACHED,
  NO_SUCH_BAR,
  NO_BARS_WERE_SET_ASIDE_THERE,
  ENTER_FINISHED_PIECES_FIRST,
  FLAW,
  FLAW_AT,
  FLAW_STATE;

  @Override
  public String section() {
    return "billet";
  }
}
