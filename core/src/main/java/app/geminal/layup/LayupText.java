package app.geminal.layup;

import app.geminal.text.MessageKey;

/** What is refused, and what may be read instead, in layup. */
enum LayupText implements MessageKey {
  PART_NAME;

  @Override
  public String section() {
    return "layup";
  }
}
