package app.geminal.operation;

/** What a figure of a step measures, and so in which unit it is kept. */
public enum Measure {
  /** mm. */
  LENGTH,
  /** A part of something, 0 to 1; said as a percentage. */
  SHARE,
  /** Degrees. */
  ANGLE,
  /** °C. */
  TEMPERATURE,
  /** Minutes. */
  TIME,
  /** A plain number. */
  NUMBER
}
