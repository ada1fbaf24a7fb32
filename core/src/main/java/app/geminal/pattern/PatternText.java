package app.geminal.pattern;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum PatternText implements MessageKey {
  TOO_MANY_PIXELS,
  LINE_CROSSES_TOO_MANY,
  NO_BLADE_YET;

  @Override
  public String section() {
    return "pattern";
  }
}
