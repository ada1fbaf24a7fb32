package app.geminal.finding;

/** How much a finding weighs, the worst first. */
public enum Severity {
  /** The step fails as planned. */
  ERROR,
  /** The step may fail. */
  WARNING,
  /** The step works; the smith should know this. */
  NOTE
}
