package app.geminal.following;

/** Where a bar is. */
public enum Place {
  /** In the chamber, on its floor. */
  FIRE,
  /** Out of it. */
  AIR,
  /** Between the dies. */
  DIES
}
