package app.geminal.shop;

import app.geminal.text.Worded;

/** What shapes the bar. */
public enum Tool implements Worded {
  /** Press with wide flat dies: even thickness, sets a whole face. */
  FLAT("flat"),
  /** Press with narrow rounded dies: length for little width. */
  ROUND("round"),
  /** Hammer, by hand or power. */
  HAMMER("hammer"),
  /** Rolling mill: length with almost no spread. */
  MILL("mill");

  private final String word;

  Tool(String word) {
    this.word = word;
  }

  /** Whether it is the press that works it. */
  public boolean isPressed() {
    return this == FLAT || this == ROUND;
  }

  @Override
  public String word() {
    return word;
  }
}
