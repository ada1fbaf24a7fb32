package app.geminal.vision;

/**
 * A place: px on a picture or mm on a plane.
 *
 * @param x to the right
 * @param y down
 */
public record Spot(double x, double y) {
  double to(Spot other) {
    return Math.hypot(other.x - x, other.y - y);
  }

  Spot plus(double dx, double dy) {
    return new Spot(x + dx, y + dy);
  }
}
