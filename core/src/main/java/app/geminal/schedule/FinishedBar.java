package app.geminal.schedule;

import app.geminal.layup.Stack;
import app.geminal.validation.Require;

/**
 * The finished bar, ground clean.
 *
 * @param widthMm above 0, at most 1000
 * @param heightMm through the layers; above 0, at most 1000
 * @param lengthMm above 0, at most 3000
 */
public record FinishedBar(double widthMm, double heightMm, double lengthMm) {
  /** Checks every field. */
  public FinishedBar {
    Require.lengthAbove("widthMm", widthMm, 0, Stack.WIDEST_MM);
    Require.lengthAbove("heightMm", heightMm, 0, Stack.WIDEST_MM);
    Require.lengthAbove("lengthMm", lengthMm, 0, Stack.LONGEST_MM);
  }

  double volumeMm3() {
    return widthMm * heightMm * lengthMm;
  }
}
