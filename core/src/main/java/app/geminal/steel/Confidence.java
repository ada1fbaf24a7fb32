package app.geminal.steel;

/** How far a steel's figures can be trusted. */
public enum Confidence {
  /** A standard grade, figures from the standard or computed well inside their range. */
  HIGH,
  /** A grade whose melts differ, or figures from neighbours. */
  MEDIUM,
  /** Unknown stock or sparse literature: test a coupon first. */
  LOW
}
