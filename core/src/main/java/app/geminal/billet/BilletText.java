package app.geminal.billet;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum BilletText implements MessageKey {
  BILLET_NUMBER,
  NESTED_TOO_DEEP,
  THIS_STEP_HAS_MEASURED_SIZES_BUT,
  REMOVE_MEASURED_SIZES,
  BLADE_IS_ALREADY_GROUND,
  PUT_THIS_STEP_BEFORE_IT,
  ALL_BARS_WERE_SET_ASIDE,
  SET_ASIDE_FEWER,
  BAR_IS_ROUND,
  DRAW_IT_SQUARE_FIRST,
  STEP_KEY,
  PIECE_NAME,
  STEP_KEY_TWICE,
  PART_NAME_TWICE;

  @Override
  public String section() {
    return "billet";
  }
}
