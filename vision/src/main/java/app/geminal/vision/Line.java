package app.geminal.vision;

import app.geminal.validation.Require;
import java.util.Arrays;
import java.util.Optional;

/**
 * A straight line on a picture, px.
 *
 * @param x1 where it begins
 * @param y1 where it begins
 * @param x2 where it ends
 * @param y2 where it ends
 */
public record Line(double x1, double y1, double x2, double y2) {
  private static final double FARTHEST_PX = 100_000;

  /** Checks that it is in reach; whether it is on the picture is checked where it is used. */
  public Line {
    Require.number("x1", x1, -FARTHEST_PX, FARTHEST_PX);
    Require.number("y1", y1, -FARTHEST_PX, FARTHEST_PX);
    Require.number("x2", x2, -FARTHEST_PX, FARTHEST_PX);
    Require.number("y2", y2, -FARTHEST_PX, FARTHEST_PX);
  }

  /** The four numbers of {@code x1,y1,x2,y2}; empty where it is not four numbers. */
  public static Optional<double[]> numbers(String given) {
    try {
      double[] at = Arrays.stream(given.split(",", -1)).mapToDouble(Double::parseDouble).toArray();
      return at.length == 4 ? Optional.of(at) : Optional.empty();
    } catch (NumberFormatException notNumbers) {
      return Optional.empty();
    }
  }

  /** Its length, px. */
  public double lengthPx() {
    return Math.hypot(x2 - x1, y2 - y1);
  }

  /** The same line on a picture so many times as large. */
  Line times(double scale) {
    return new Line(x1 * scale, y1 * scale, x2 * scale, y2 * scale);
  }

  /** Part of its direction that is to the right. */
  double alongX() {
    return (x2 - x1) / lengthPx();
  }

  /** Part of its direction that is down. */
  double alongY() {
    return (y2 - y1) / lengthPx();
  }
}
