package app.geminal.layup;

import app.geminal.text.Worded;

/** Which way a bar is laid. */
public enum Turn implements Worded {
  /** As it came off the saw. */
  SAME("same"),
  /** Turned over: bottom up. */
  OVER("over"),
  /** Turned end for end, the same side up. Layers stay; what varies along the bar does not. */
  END("end"),
  /** Rolled a quarter turn, so that the layers stand on edge. */
  QUARTER("quarter");

  private final String word;

  Turn(String word) {
    this.word = word;
  }

  @Override
  public String word() {
    return word;
  }
}
