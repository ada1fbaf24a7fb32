package app.geminal.bar;

import app.geminal.text.MessageKey;

/** What is refused, and what may be read instead, in bar. */
enum BarText implements MessageKey {
  TOO_MANY_LAYERS;

  @Override
  public String section() {
    return "bar";
  }
}
