package app.geminal.billet;

import app.geminal.layup.Stack;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * Pieces the finished bar should yield.
 *
 * @param name what they are: blade, coupon
 * @param count 1 to 100
 * @param lengthMm above 0, at most 3000
 * @param widthMm above 0, at most 1000
 * @param heightMm above 0, at most 1000
 */
public record WantedPieces(
    String name, int count, double lengthMm, double widthMm, double heightMm) {

  /** Checks every field. */
  public WantedPieces {
    Require.text("name", name, 40);
    if (!name.matches("\\p{L}[\\p{L}\\d _-]*")) {
      throw new InvalidValue("name", BilletText.PIECE_NAME.with());
    }
    Require.count("count", count, 1, 100);
    Require.lengthAbove("lengthMm", lengthMm, 0, Stack.LONGEST_MM);
    Require.lengthAbove("widthMm", widthMm, 0, Stack.WIDEST_MM);
    Require.lengthAbove("heightMm", heightMm, 0, Stack.WIDEST_MM);
  }
}
