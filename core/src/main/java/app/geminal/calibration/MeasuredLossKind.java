package app.geminal.calibration;

import app.geminal.shop.ShopDefaults;
import app.geminal.text.Message;

/** A loss a shop has a figure for. */
public enum MeasuredLossKind {
  /** Width of a saw cut, mm. */
  KERF,
  /** Scale over what is calculated, a factor. */
  SCALE,
  /** Off each end, mm. */
  TRIM,
  /** Off each broad face in a grinding, mm. */
  GRIND;

  /** What it is called. */
  public Message words() {
    return Message.word(this);
  }

  /** Whether it is a length; else it is a plain factor. */
  public boolean isLength() {
    return this != SCALE;
  }

  /** What the shop uses now. */
  public double now(ShopDefaults defaults) {
    return switch (this) {
      case KERF -> defaults.kerfMm();
      case SCALE -> defaults.scaleFactor();
      case TRIM -> defaults.endTrimMm();
      case GRIND -> defaults.faceGrindMm();
    };
  }
}
