package app.geminal.calibration;

import app.geminal.shop.ShopDefaults;

/** A loss a shop has a figure for. */
public enum MeasuredLossKind {
  /** Width of a saw cut, mm. */
  KERF("Saw kerf"),
  /** Scale over what is calculated, a factor. */
  SCALE("Scale factor"),
  /** Off each end, mm. */
  TRIM("Trimmed off each end"),
  /** Off each broad face in a grinding, mm. */
  GRIND("Ground off a joint face");

  private final String words;

  MeasuredLossKind(String words) {
    this.words = words;
  }

  /** What it is called. */
  public String words() {
    return words;
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
