package app.geminal.finding;

/** How much a finding weighs. */
public enum Strength {
  /** It will not come out. */
  WILL_FAIL,
  /** It may not come out. */
  AT_RISK,
  /** It comes out, and the smith would want to know. */
  WORTH_KNOWING
}
