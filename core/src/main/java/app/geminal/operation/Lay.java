package app.geminal.operation;

/** How bars are laid on each other. */
public enum Lay {
  /** All the same way up. */
  SAME,
  /** Every second bar turned over. */
  TURNED
}
