package app.geminal.steel;

/** Where a figure comes from. */
public enum Basis {
  /** Measured on this stock: a certificate, a coupon. */
  MEASURED,
  /** From the standard or maker's sheet of the grade. */
  STANDARD,
  /** Computed from the composition by a published formula. */
  COMPUTED,
  /** What such steels usually have; judgement. */
  TYPICAL
}
