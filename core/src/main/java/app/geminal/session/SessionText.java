package app.geminal.session;

import app.geminal.text.MessageKey;

/** Texts of a session: what to do now. */
enum SessionText implements MessageKey {
  NOW_BACK_IN,
  NOW_BRUSH,
  NOW_DONE,
  NOW_DONE_WHY,
  NOW_FLUX,
  NOW_FLUX_WHY,
  NOW_FUEL,
  NOW_FUEL_WHY,
  NOW_IN,
  NOW_INSPECT,
  NOW_IN_WHY,
  NOW_OUT,
  NOW_OUT_OVER_WHY,
  NOW_OUT_WHY,
  NOW_RELEASE,
  NOW_RELEASE_AT_STOP,
  NOW_RELEASE_WHY,
  NOW_SOAK,
  NOW_SOAK_COLD,
  NOW_SOAK_CORE_COLD,
  NOW_SOAK_TO_FLUX,
  NOW_SQUEEZE,
  NOW_SQUEEZE_WHY,
  NOW_TOO_COLD,
  NOW_TOO_COLD_WHY,
  NOW_TOO_HOT,
  NOW_TOO_HOT_WHY,
  NOW_TURN,
  NOW_TURN_DOWN,
  NOW_TURN_DOWN_WHY,
  NOW_TURN_WHY;

  @Override
  public String section() {
    return "heat";
  }
}
