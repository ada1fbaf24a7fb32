package app.geminal.weld;

import app.geminal.text.Worded;

/** What holds a dry stack together until it is set. */
public enum Tack implements Worded {
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

  @Override
  public String word() {
    return word;
  }
}
