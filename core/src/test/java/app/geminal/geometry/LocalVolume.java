package app.geminal.geometry;

import java.util.function.Consumer;

/** How much a small piece of steel is stretched by a map, measured between neighbouring points. */
public final class LocalVolume {
  private static final double STEP_MM = 1e-5;

  private LocalVolume() {}

  /**
   * The determinant of a map's derivative; NaN where neighbours come another way: between them is a
   * joint or a cut.
   */
  public static double at(Point at, Consumer<Point> map) {
    double[][] slopes = new double[3][];
    for (int i = 0; i < 3; i++) {
      Point later = moved(at, i, STEP_MM, map);
      Point behind = moved(at, i, -STEP_MM, map);
      if (later.way != behind.way || later.bar != behind.bar) {
        return Double.NaN;
      }
      slopes[i] =
          new double[] {
            (later.x - behind.x) / (2 * STEP_MM),
            (later.y - behind.y) / (2 * STEP_MM),
            (later.z - behind.z) / (2 * STEP_MM)
          };
    }
    double[] a = slopes[0];
    double[] b = slopes[1];
    double[] c = slopes[2];
    return Math.abs(
        a[0] * (b[1] * c[2] - b[2] * c[1])
            - a[1] * (b[0] * c[2] - b[2] * c[0])
            + a[2] * (b[0] * c[1] - b[1] * c[0]));
  }

  private static Point moved(Point at, int axis, double by, Consumer<Point> map) {
    Point p = new Point();
    p.begin(
        at.x + (axis == 0 ? by : 0),
        at.y + (axis == 1 ? by : 0),
        at.z + (axis == 2 ? by : 0),
        at.bar);
    map.accept(p);
    return p;
  }
}
