package app.geminal.schedule;

import app.geminal.check.Require;
import app.geminal.layup.Stack;

/**
 * The finished bar, ground clean.
 *
 * @param widthMm above 0, at most 1000
 * @param heightMm through the layers; above 0, at most 1000
 * @param lengthMm above 0, at most 3000
 */
public record Finished(double widthMm, double heightMm, double lengthMm) {
  /** Checks every field. */
  public Finished {
    Require.lengthAbove("widthMm", widthMm, 0, Stack.WIDEST_MM);
    Require.lengthAbove("heightMm", heightMm, 0, Stack.WIDEST_MM);
    Require.lengthAbove("lengthMm", lengthMm, 0, Stack.LONGEST_MM);
  }

  double volumeMm3() {
    return widthMm * heightMm * lengthMm;
  }
}
