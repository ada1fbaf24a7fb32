package app.geminal.workplan;

import app.geminal.text.MessageKey;

/** Texts of a work plan. */
enum WorkPlanText implements MessageKey {
  ETCH,
  GRIND,
  HARDEN,
  HOT_STEP,
  HOURS_OVERLAP,
  PREPARE,
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
