package app.geminal.server.session;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum SessionText implements ServerKey {
  ENTRY_ID_IS_UUID_IN_SMALL,
  SESSION_FULL,
  SESSION_HAS_NO_BILLET,
  THIS_IS_DATED_IN_FUTURE,
  THIS_IS_DATED_OUTSIDE_SESSION,
  THIS_SESSION_ENDED_MORE_THAN_DAY,
  OUTSIDE_SESSION,
  PLAN_HAS_NO_WELD_OR_DRAW,
  NO_SESSION,
  NO_PRACTICE_RUN,
  PRACTICE_RUN_CONTINUES,
  JOINT_IS_NOT_ASKED_FOR,
  FROM_SESSION_LOG,
  FROM_SESSION_LOG_WITH_SETS;

  @Override
  public String section() {
    return "session";
  }
}
