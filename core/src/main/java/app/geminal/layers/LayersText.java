package app.geminal.layers;

import app.geminal.text.MessageKey;

/** What is refused, and what may be read instead, in layers. */
enum LayersText implements MessageKey {
  NOTHING_IS_LEFT_OF_BAR;

  @Override
  public String section() {
    return "layers";
  }
}
