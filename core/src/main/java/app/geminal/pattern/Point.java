package app.geminal.pattern;

/**
 * A point on its way back through the history; one for each thread, used again for every point.
 *
 * <p>Fields are open because a picture asks for a million points and no one outside this package
 * sees one. Lengths are mm, with voids closed.
 */
final class Point {
  /** Along the bar from the bench stop. */
  double x;

  /** Across, from the left edge. */
  double y;

  /** Up, from the underside. */
  double z;

  /** Which of several equal bars, from 0. */
  int bar;

  /** Names the pieces it came through: points of one way are joined by a smooth map. */
  int way;

  /** Where it came to lie at last. */
  FlatLayers layers = FlatLayers.NOTHING;

  void begin(double newX, double newY, double newZ, int newBar) {
    x = newX;
    y = newY;
    z = newZ;
    bar = newBar;
    way = 1;
  }

  void through(int piece) {
    way = 31 * way + piece;
  }

  /** How high over the underside of the layers it is. */
  double height() {
    return z;
  }
}
