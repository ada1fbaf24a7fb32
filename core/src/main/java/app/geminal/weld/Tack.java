package app.geminal.weld;

/** What holds a dry stack together until it is set. */
public enum Tack {
  /** Tacked at the ends only; they are cut off later. */
  ENDS("ends"),
  /** A bead on each side as well, ground flush. */
  SIDES("sides"),
  /** A bead on each side, left proud: weld metal is pressed in. */
  SIDES_PROUD("proud"),
  /** Wired or clamped, no weld metal. */
  WIRE("wired");

  private final String word;

  Tack(String word) {
    this.word = word;
  }

  /** The word used in shorthand. */
  public String word() {
    return word;
  }
}
