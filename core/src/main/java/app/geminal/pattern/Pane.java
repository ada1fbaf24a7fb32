package app.geminal.pattern;

import app.geminal.units.QuantityKind;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * What part of a view is drawn, and on how many pixels.
 *
 * @param leftMm of the view's own left
 * @param lowMm over the view's own lower edge
 * @param widthMm above 0, to 20 000
 * @param heightMm above 0, to 20 000
 * @param widthPx 1 to 8000
 * @param heightPx 1 to 8000, and both together no more than 8 million pixels
 */
public record Pane(
    double leftMm, double lowMm, double widthMm, double heightMm, int widthPx, int heightPx) {
  private static final double FARTHEST_MM = 20_000;
  private static final int LONGEST_PX = 8000;
  private static final int MOST_PX = 8_000_000;

  /** Checks every field. */
  public Pane {
    Require.quantity(QuantityKind.LENGTH, "leftMm", leftMm, -FARTHEST_MM, FARTHEST_MM);
    Require.quantity(QuantityKind.LENGTH, "lowMm", lowMm, -FARTHEST_MM, FARTHEST_MM);
    Require.lengthAbove("widthMm", widthMm, 0, FARTHEST_MM);
    Require.lengthAbove("heightMm", heightMm, 0, FARTHEST_MM);
    Require.count("widthPx", widthPx, 1, LONGEST_PX);
    Require.count("heightPx", heightPx, 1, LONGEST_PX);
    if ((long) widthPx * heightPx > MOST_PX) {
      throw new InvalidValue(
          "widthPx", PatternText.TOO_MANY_PIXELS.with("width", widthPx, "height", heightPx));
    }
  }

  /** All of a view, on so many pixels in width; the height follows. */
  public static Pane whole(SectionView sight, int widthPx) {
    long height = Math.round(widthPx * sight.heightMm() / sight.widthMm());
    return new Pane(
        0, 0, sight.widthMm(), sight.heightMm(), widthPx, Math.clamp(height, 1, LONGEST_PX));
  }

  /** The same part on a quarter of the pixels each way: what can be shown at once. */
  public Pane coarse() {
    return new Pane(
        leftMm, lowMm, widthMm, heightMm, Math.max(1, widthPx / 4), Math.max(1, heightPx / 4));
  }

  double atColumn(double column) {
    return leftMm + widthMm * column / widthPx;
  }

  double atRow(double row) {
    return lowMm + heightMm * (1 - row / heightPx);
  }
}
