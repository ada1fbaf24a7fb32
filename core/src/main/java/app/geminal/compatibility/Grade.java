package app.geminal.compatibility;

import app.geminal.text.Message;

/** A verdict in a word. */
public enum Grade {
  /** 85 and more, and a welding window as wide as one can use. */
  EXCELLENT,
  /** 85 and more in a narrower window. */
  VERY_GOOD,
  /** 70 to 84. */
  GOOD,
  /** 55 to 69: for a skilled hand. */
  SKILLED,
  /** Under 55. */
  POOR,
  /** Something rules it out, whatever the score. */
  STOP;

  private static final double WIDE_WINDOW_C = 120;

  /** The word. */
  public Message word() {
    return Message.word(this);
  }

  static Grade of(double score, double windowC) {
    if (score >= 85) {
      return windowC >= WIDE_WINDOW_C ? EXCELLENT : VERY_GOOD;
    }
    return score >= 70 ? GOOD : score >= 55 ? SKILLED : POOR;
  }
}
