package app.geminal.billet;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.layup.Stack;

/**
 * Pieces the finished bar shall yield.
 *
 * @param name what they are: blade, coupon
 * @param count 1 to 100
 * @param lengthMm above 0, at most 3000
 * @param widthMm above 0, at most 1000
 * @param heightMm above 0, at most 1000
 */
public record Wanted(String name, int count, double lengthMm, double widthMm, double heightMm) {

  /** Checks every field. */
  public Wanted {
    Require.text("name", name, 40);
    if (!name.matches("\\p{L}[\\p{L}\\d _-]*")) {
      throw new BadValue(
          "name", "A piece name starts with a letter and has letters, digits, spaces, _ and -.");
    }
    Require.count("count", count, 1, 100);
    Require.lengthAbove("lengthMm", lengthMm, 0, Stack.LONGEST_MM);
    Require.lengthAbove("widthMm", widthMm, 0, Stack.WIDEST_MM);
    Require.lengthAbove("heightMm", heightMm, 0, Stack.WIDEST_MM);
  }
}
