package app.geminal.vision;

/** A parabola through three samples that are one apart. */
final class Parabola {
  private Parabola() {}

  /** How far from the middle one its peak is, −0.5 to 0.5; 0 where it has none. */
  static double peak(double before, double at, double after) {
    double bend = before - 2 * at + after;
    return bend < 0 ? Math.clamp(0.5 * (before - after) / bend, -0.5, 0.5) : 0;
  }
}
