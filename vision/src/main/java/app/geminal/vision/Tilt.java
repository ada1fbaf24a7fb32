package app.geminal.vision;

import java.util.List;

/**
 * How a plane is tilted to the camera, from a rectangle on it: its sides meet at right angles, and
 * a lens of a known focal length shows by how much each is shortened.
 *
 * <p>From square to picture, with the middle of the picture as origin, columns h1 and h2 of the map
 * are the rectangle's sides as the camera sees them; divided by the focal length, their lengths are
 * as the true ones (Zhang 2000, eq. 3 and 4).
 */
final class Tilt {
  /** Of a phone's usual camera, share of the picture's diagonal: 26 mm on 43.3 mm of film. */
  static final double USUAL_FOCAL = 0.6;

  private Tilt() {}

  /**
   * The plane on which four corners are those of a rectangle, its shorter sides 1 long.
   *
   * @param corners px, in order around it, the first two along a longer side
   * @param focalPx of the lens
   */
  static Plane of(Lens lens, List<Spot> corners, double focalPx) {
    return plane(lens, corners, aspect(lens, corners, focalPx), 1);
  }

  /** The same with both sides in mm. */
  static Plane plane(Lens lens, List<Spot> corners, double longMm, double shortMm) {
    List<Spot> rectangle =
        List.of(
            new Spot(0, 0), new Spot(longMm, 0), new Spot(longMm, shortMm), new Spot(0, shortMm));
    return Plane.of(lens, rectangle, corners);
  }

  /** How many times as long as the shorter sides the longer ones are. */
  static double aspect(Lens lens, List<Spot> seen, double focalPx) {
    double mx = lens.widthPx() / 2.0;
    double my = lens.heightPx() / 2.0;
    List<Spot> corners = seen.stream().map(c -> lens.straight(c.x(), c.y())).toList();
    double[] x = corners.stream().mapToDouble(c -> (c.x() - mx) / focalPx).toArray();
    double[] y = corners.stream().mapToDouble(c -> (c.y() - my) / focalPx).toArray();
    double dx1 = x[1] - x[2];
    double dx2 = x[3] - x[2];
    double dy1 = y[1] - y[2];
    double dy2 = y[3] - y[2];
    double sx = x[0] - x[1] + x[2] - x[3];
    double sy = y[0] - y[1] + y[2] - y[3];
    double det = dx1 * dy2 - dx2 * dy1;
    double g = (sx * dy2 - dx2 * sy) / det;
    double h = (dx1 * sy - sx * dy1) / det;
    double along = length(x[1] - x[0] + g * x[1], y[1] - y[0] + g * y[1], g);
    double across = length(x[3] - x[0] + h * x[3], y[3] - y[0] + h * y[3], h);
    return along / across;
  }

  private static double length(double x, double y, double z) {
    return Math.sqrt(x * x + y * y + z * z);
  }
}
