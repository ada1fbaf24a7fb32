package app.geminal.hardening;

import app.geminal.text.MessageKey;

/** What is said of hardening and etching. */
enum HardeningText implements MessageKey {
  ETCH_SAND,
  ETCH_BATH,
  ETCH_CYCLES,
  ETCH_NEUTRALIZE,
  ETCH_DARKER,
  CAUTION_OIL,
  CAUTION_BLACK_HEAT,
  CAUTION_ETCHANT,
  CAUTION_MAKERS,
  NONE_HARDENS,
  NO_COMMON_HEAT,
  MAY_CRACK,
  STAYS_SOFT;

  @Override
  public String section() {
    return "hardening";
  }
}
