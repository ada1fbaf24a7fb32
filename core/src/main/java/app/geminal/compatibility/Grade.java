package app.geminal.compatibility;

/** A verdict in a word. */
public enum Grade {
  /** 85 and more, and a welding window as wide as one can use. */
  EXCELLENT("Excellent"),
  /** 85 and more in a narrower window. */
  VERY_GOOD("Very good"),
  /** 70 to 84. */
  GOOD("Good"),
  /** 55 to 69: for a skilled hand. */
  SKILLED("Skilled"),
  /** Under 55. */
  POOR("Poor"),
  /** Something rules it out, whatever the score. */
  STOP("Stop");

  private static final double WIDE_WINDOW_C = 120;
  private final String word;

  Grade(String word) {
    this.word = word;
  }

  /** The word. */
  public String word() {
    return word;
  }

  static Grade of(double score, double windowC) {
    if (score >= 85) {
      return windowC >= WIDE_WINDOW_C ? EXCELLENT : VERY_GOOD;
    }
    return score >= 70 ? GOOD : score >= 55 ? SKILLED : POOR;
  }
}
