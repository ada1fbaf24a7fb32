package app.geminal.server.schedule;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum ScheduleText implements ServerKey {
  NO_BAR_IS_LEFT,
  SEVERAL_SEARCHES_ARE_ALREADY_RUNNING,
  THIS_USES_SHEETS_IN_JOINTS,
  THIS_SCHEDULE_STARTS_WITH_STACK;

  @Override
  public String section() {
    return "schedule";
  }
}
