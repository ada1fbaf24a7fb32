package app.geminal.shop;

/** What the faces of new pieces are like when they are laid together. */
public enum FacePrep {
  /** Ground to bright metal, about 120 grit. */
  GROUND,
  /** Clean, tight mill scale left on; a minority does so. */
  CLEAN_SCALE,
  /** As found, rust and all. */
  AS_FOUND
}
