package app.geminal.pattern;

import app.geminal.text.MessageKey;

/** What is refused, and what may be read instead, in pattern. */
enum PatternText implements MessageKey {
  TOO_MANY_PIXELS,
  LINE_CROSSES_TOO_MANY,
  NO_BLADE_YET;

  @Override
  public String section() {
    return "pattern";
  }
}
