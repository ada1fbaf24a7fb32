package app.geminal.forging;

/**
 * How much wider a bar gets when its height is taken down.
 *
 * <p>Flat tools after Tomlinson and Stringer (1959), mild steel near 1000 °C, bites of a quarter to
 * twice the width: {@code s = 0.14 + 0.36(b/w) − 0.054(b/w)²}, {@code w₁ = w(h₀/h₁)^s}. Rolls after
 * Wusatowski (1969): {@code W = 10^(−1.269(w/h)(h/D)^0.56)}. Outside its range the first is held at
 * its ends.
 */
public final class Spread {
  private static final double LEAST_BITE = 0.25;
  private static final double MOST_BITE = 2;

  private Spread() {}

  /** Width after a pass under flat tools, mm. */
  public static double forgedMm(
      double widthMm, double fromHeightMm, double toHeightMm, double biteMm) {
    double b = Math.clamp(biteMm / widthMm, LEAST_BITE, MOST_BITE);
    double s = 0.14 + 0.36 * b - 0.054 * b * b;
    return widthMm * Math.pow(fromHeightMm / toHeightMm, s);
  }

  /** Width after a pass between rolls, mm. */
  public static double rolledMm(
      double widthMm, double fromHeightMm, double toHeightMm, double rollMm) {
    double w =
        Math.pow(10, -1.269 * (widthMm / fromHeightMm) * Math.pow(fromHeightMm / rollMm, 0.56));
    return widthMm * Math.pow(fromHeightMm / toHeightMm, w);
  }
}
