package app.geminal.geometry;

import app.geminal.bar.Size;

/**
 * The smooth map between a square and a disc, both from −1 to 1, that represents forging round and
 * square again: u = y·√(1 − z²/2), v = z·√(1 − y²/2), and its closed inverse.
 *
 * <p>It is not true to area: a square turned by an eighth on the disc and made square again has
 * local areas from 0.79 to 1.14 of what they were, between the tenth and the ninetieth percentile.
 * Steel keeps its volume and moves a little further instead; what a picture shows too wide in one
 * place it shows too narrow in another.
 */
final class SquareDiscMap {
  private static final double TWICE_ROOT_TWO = 2 * Math.sqrt(2);

  private SquareDiscMap() {}

  /** From square to disc. */
  static void round(Point p) {
    double y = p.y;
    double z = p.z;
    p.y = y * Math.sqrt(Math.max(0, 1 - z * z / 2));
    p.z = z * Math.sqrt(Math.max(0, 1 - y * y / 2));
  }

  /** From disc to square. */
  static void square(Point p) {
    double u = p.y;
    double v = p.z;
    double along = 2 + u * u - v * v;
    double up = 2 - u * u + v * v;
    p.y = half(along, TWICE_ROOT_TWO * u);
    p.z = half(up, TWICE_ROOT_TWO * v);
  }

  private static double half(double sum, double twice) {
    return (Math.sqrt(Math.max(0, sum + twice)) - Math.sqrt(Math.max(0, sum - twice))) / 2;
  }

  static void turn(Point p, double cos, double sin) {
    double y = p.y;
    p.y = y * cos - p.z * sin;
    p.z = y * sin + p.z * cos;
  }

  /** From a box of that width and height to −1 … 1. */
  static LinearStretch unit(Size box) {
    return new LinearStretch(1, 0, 2 / box.width(), -1, 2 / box.height(), -1);
  }

  /** From −1 … 1 to a box of that width and height. */
  static LinearStretch full(Size box) {
    return new LinearStretch(
        1, 0, box.width() / 2, box.width() / 2, box.height() / 2, box.height() / 2);
  }
}
