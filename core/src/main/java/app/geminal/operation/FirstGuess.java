package app.geminal.operation;

import app.geminal.bar.Bars;

/** What first guesses at a step have in common. */
public final class FirstGuess {
  static final int PIECES = 4;
  static final int DRAW_HEATS = 4;

  private FirstGuess() {}

  /** To the half millimetre, never 0: no one sets a stop block finer in a first plan. */
  public static double mm(double mm) {
    return Math.max(0.5, Math.rint(mm * 2) / 2);
  }

  /** The smaller side of each bar, mm. */
  public static double thin(Bars bars) {
    return Math.min(bars.widthMm(), bars.heightMm());
  }

  /** Of the outermost layer. */
  static String steel(Bars bars) {
    return bars.layers().bottomSteel();
  }
}
