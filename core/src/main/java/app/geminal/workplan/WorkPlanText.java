package app.geminal.workplan;

import app.geminal.text.MessageKey;

/** Texts of a work plan. */
enum WorkPlanText implements MessageKey {
  EARLIEST_DAY,
  ETCH,
  GRIND,
  HARDEN,
  HOT_STEP,
  HOURS_OVERLAP,
  LEAVE_FOR_LATER,
  LIGHT_ON,
  MORE_HOURS,
  PREPARE,
  PROTECT_FACES,
  SAW,
  SPAN_ENDS_BEFORE_IT_BEGINS,
  STACK,
  TEMPER,
  WELD;

  @Override
  public String section() {
    return "workplan";
  }
}
