package app.geminal.layup;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum LayupText implements MessageKey {
  PART_NAME;

  @Override
  public String section() {
    return "layup";
  }
}
