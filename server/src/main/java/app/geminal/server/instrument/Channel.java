package app.geminal.server.instrument;

/** What is measured. */
public enum Channel {
  /** The forge's chamber, °C. */
  FORGE,
  /** The line of the press, MPa. */
  PRESS
}
