package app.geminal.ripping;

import app.geminal.text.MessageKey;

/** Texts of ripping. */
enum RippingText implements MessageKey {
  HOLE_OUTSIDE,
  NOTHING_USABLE;

  @Override
  public String section() {
    return "ripping";
  }
}
