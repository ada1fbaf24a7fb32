package app.geminal.counted;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum CountedText implements MessageKey {
  PIECE_LEFT_OUT,
  PIECE_TWICE,
  LAYER_GROUND_AWAY,
  LAYER_GROUND_AWAY_BETWEEN,
  BARS_FEWER,
  BARS_MORE,
  BARS_LAID_OTHERWISE,
  STEP_LEFT_OUT,
  STEP_TWICE,
  DOUBLE_LAYERS_COUNTED,
  BOUNDARIES_NEED_A_LINE;

  @Override
  public String section() {
    return "counted";
  }
}
