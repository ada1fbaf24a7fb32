package app.geminal.geometry;

import app.geminal.bar.Size;

/** Whether points are in a bar. */
public final class Inside {
  /** What rounding puts outside by this much is still inside, mm. */
  static final double DUST_MM = 1e-7;

  private Inside() {}

  /** Whether a point is in a bar of that size, whichever of several it is. */
  public static boolean of(Point p, Size size) {
    return within(p.x, size.length()) && within(p.y, size.width()) && within(p.z, size.height());
  }

  /** Whether a place is between 0 and a length. */
  public static boolean within(double at, double length) {
    return at >= -DUST_MM && at <= length + DUST_MM;
  }
}
