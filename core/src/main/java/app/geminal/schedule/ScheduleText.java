package app.geminal.schedule;

import app.geminal.text.MessageKey;

/** What is said of schedules and of the search for them. */
enum ScheduleText implements MessageKey {
  START_PIECES,
  START_BAR,
  RECUT,
  REFOLD,
  ROUND_CORE,
  THEN,
  LIMIT,
  LIMIT_CHANGED,
  TOLERANCE_CHANGED,
  RULED_OUT,
  HEIGHT_SHARE,
  BEST,
  COMPROMISE,
  EXPLANATION,
  CHOOSE_AT_LEAST_ONE_STACK_PATTERN,
  ONE_BAR_AT_A_TIME,
  LAYERS_NOT_FLAT,
  TOO_MANY_LAYERS;

  @Override
  public String section() {
    return "finder";
  }
}
