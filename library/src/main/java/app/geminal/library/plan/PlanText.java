package app.geminal.library.plan;

import app.geminal.library.text.LibraryKey;

/** The texts of this package. */
enum PlanText implements LibraryKey {
  THIS_IS_TOO_LARGE_FOR_PLAN,
  REQUEST_BODY_CANNOT_BE_READ,
  UNKNOWN_FIELD,
  UNKNOWN_STEP,
  ENTER_PIECE_WITH_STEEL_AND_THICKNESS,
  WRITE_NUMBER_HERE,
  USE_ONE_OF,
  VALUE_HERE_IS_MISSING,
  FROM_HERE,
  PLAN_TOO_LONG,
  PLAN_IS_JSON_OBJECT,
  THIS_IS_NOT_GEMINAL_PLAN,
  UNKNOWN_VERSION;

  @Override
  public String section() {
    return "plan";
  }
}
