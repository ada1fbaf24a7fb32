package app.geminal.bar;

/** What shape a bar has between its two ends. */
public enum Form {
  /** Square-edged. */
  BAR,
  /** Round, as wide as high. */
  ROUND,
  /** Ground to a blade: bevels, point and taper; nothing more is forged from it. */
  BLADE
}
