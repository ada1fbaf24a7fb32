package app.geminal.geometry;

/**
 * A point on its way through the history of a bar; one for each thread, used again for every point.
 *
 * <p>Fields are open because a picture asks for a million points. Lengths are mm, voids closed.
 */
public final class Point {
  /** Along the bar from the bench stop. */
  public double x;

  /** Across, from the left edge. */
  public double y;

  /** Up, from the underside. */
  public double z;

  /** Which of several equal bars, from 0. */
  public int bar;

  /** Names the pieces it came through: points of one way are joined by a smooth map. */
  public int way;

  /** Starts a new way. */
  public void begin(double newX, double newY, double newZ, int newBar) {
    x = newX;
    y = newY;
    z = newZ;
    bar = newBar;
    way = 1;
  }

  /** Marks the piece it comes through. */
  public void through(int piece) {
    way = 31 * way + piece;
  }
}
