package app.geminal.weld;

/** How a sealed stack is closed. Means nothing for the open kinds of atmosphere protection. */
public enum Jacket {
  /** A bead round every seam, no room inside. */
  BEAD("bead"),
  /** A sheet-steel can with a vent of 2 to 3 mm. */
  VENTED("vented"),
  /** A tight can: it can burst. */
  CLOSED("closed");

  private final String word;

  Jacket(String word) {
    this.word = word;
  }

  /** The word used in shorthand. */
  public String word() {
    return word;
  }
}
