package app.geminal.layers;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum LayersText implements MessageKey {
  NOTHING_IS_LEFT_OF_BAR;

  @Override
  public String section() {
    return "layers";
  }
}
