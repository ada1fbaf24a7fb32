package app.geminal.bar;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum BarText implements MessageKey {
  TOO_MANY_LAYERS;

  @Override
  public String section() {
    return "bar";
  }
}
