package app.geminal.pair;

/** How much a reason weighs. */
public enum Weight {
  /** Rules it out for what was asked. */
  STOP,
  /** Must be met, or it fails. */
  CONDITION,
  /** Worth knowing. */
  NOTE
}
