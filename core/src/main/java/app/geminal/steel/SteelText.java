package app.geminal.steel;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum SteelText implements MessageKey {
  CARBON_ORDER,
  CONTENTS_OVER_100,
  NO_SOLIDUS,
  HARDENING_HEAT_ORDER,
  CHOOSE_LIKE,
  SHORT_NAME,
  UNKNOWN_STEEL,
  TEST_FIGURE,
  CURVE_WITHOUT_POINTS,
  NOT_A_POINT,
  SPARK,
  HARDEN_AND_BREAK,
  FILE,
  ETCH;

  @Override
  public String section() {
    return "steel";
  }
}
