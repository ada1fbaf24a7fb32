package app.geminal.server.instrument;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum InstrumentText implements ServerKey {
  INSTRUMENT_MUST_BE_ON_THIS_MACHINE,
  ADDRESS_HAS_LETTERS_DIGITS_DOTS_DASHES,
  WITH_SCALE_OF_0_EVERY_READING,
  NO_INSTRUMENT,
  COLUMN_IS_MISSING,
  TOO_MANY_LINES,
  THIS_IS_NOT_CSV,
  THIS_LINE_HAS_DIFFERENT_NUMBER,
  USE_FORGE_OR_PRESS_AS_CHANNEL,
  IS_NEITHER_SESSION_SECONDS_NOR_TIME,
  IS_NOT_LOGGER_READING,
  NOT_A_NUMBER,
  USE_C_OR_F_AS_UNIT,
  USE_MPA_BAR_OR_PSI,
  SWITCHED_OFF;

  @Override
  public String section() {
    return "instrument";
  }
}
