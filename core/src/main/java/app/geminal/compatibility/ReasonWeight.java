package app.geminal.compatibility;

/** How much a reason weighs. */
public enum ReasonWeight {
  /** Rules it out for what was asked. */
  STOP,
  /** Must be met, or it fails. */
  CONDITION,
  /** Worth knowing. */
  NOTE
}
