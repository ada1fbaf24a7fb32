package app.geminal.weld;

import app.geminal.text.Worded;

/** How a sealed stack is closed. Means nothing for the open kinds of atmosphere protection. */
public enum Jacket implements Worded {
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

  @Override
  public String word() {
    return word;
  }
}
