package app.geminal.forging;

import app.geminal.numeric.Border;

/**
 * What a press needs, after the slab method as Schey gives it: F = K · σ · A. K is {@code 1 +
 * µw(3L−w)/(6hL)} where the dies cover a face w ≤ L of a bar h high, and for a bite b shorter than
 * the height {@code 1.155(1 + 0.2(h/b − 1))}, a straight line through Hill's slip-line figures up
 * to h/b = 8.7. Dry scale at welding heat: µ = 0.4; cold dies chill the skin: 1.35 times. ±25 %.
 */
public final class Force {
  /** Neighbouring bites share about a quarter of the die; part of it each further one moves on. */
  public static final double BITE_ADVANCE = 0.75;

  /** The narrowest die worth having, mm; under it dies cut. */
  public static final double NARROWEST_DIE_MM = 12;

  /** No one sets a bite finer. */
  private static final double BITE_WITHIN_MM = 0.1;

  private static final double FRICTION = 0.4;
  private static final double CHILL = 1.35;
  private static final double STEEPEST = 8.7;
  private static final double N_PER_KN = 1000;

  private Force() {}

  /** Friction factor of wide dies on a face of w by L, bar h high. */
  public static double wideFactor(double widthMm, double lengthMm, double heightMm) {
    double w = Math.min(widthMm, lengthMm);
    double l = Math.max(widthMm, lengthMm);
    return 1 + FRICTION * w * (3 * l - w) / (6 * heightMm * l);
  }

  /** Factor of a bite shorter than the bar is high; 1.155 and more, 2.93 at most. */
  public static double narrowFactor(double biteMm, double heightMm) {
    double ratio = Math.clamp(heightMm / biteMm, 1, STEEPEST);
    return 1.155 * (1 + 0.2 * (ratio - 1));
  }

  /**
   * Force on one bite, kN.
   *
   * @param widthMm of the bar
   * @param biteMm length of the bar between the dies
   * @param heightMm of the bar
   * @param flowMpa how hard the steel resists at its heat
   */
  public static double kn(double widthMm, double biteMm, double heightMm, double flowMpa) {
    double factor =
        biteMm < heightMm
            ? Math.max(narrowFactor(biteMm, heightMm), wideFactor(widthMm, biteMm, heightMm))
            : wideFactor(widthMm, biteMm, heightMm);
    return factor * flowMpa * widthMm * biteMm * CHILL / N_PER_KN;
  }

  /** No bar at least a quarter as high as the bite is long wants more than this on one bite, kN. */
  public static double mostKn(double widthMm, double biteMm, double flowMpa) {
    return narrowFactor(biteMm, STEEPEST * biteMm) * flowMpa * widthMm * biteMm * CHILL / N_PER_KN;
  }

  /** The longest bite a press can take no shorter than the narrowest die worth having; or 0, mm. */
  public static double longestBiteMm(
      double forceKn, double widthMm, double heightMm, double flowMpa, double mostMm) {
    double least = Math.min(NARROWEST_DIE_MM, mostMm);
    return longestBiteMm(forceKn, widthMm, heightMm, flowMpa, least, mostMm);
  }

  /**
   * The longest bite a press can take, mm: at most {@code mostMm}, 0 where not even {@code leastMm}
   * is possible.
   */
  public static double longestBiteMm(
      double forceKn,
      double widthMm,
      double heightMm,
      double flowMpa,
      double leastMm,
      double mostMm) {
    if (kn(widthMm, mostMm, heightMm, flowMpa) <= forceKn) {
      return mostMm;
    }
    if (kn(widthMm, leastMm, heightMm, flowMpa) > forceKn) {
      return 0;
    }
    return Border.between(
            leastMm, mostMm, BITE_WITHIN_MM, mm -> kn(widthMm, mm, heightMm, flowMpa) <= forceKn)
        .last();
  }
}
