package app.geminal.heat;

/**
 * How layers of different content even out: an endless stack of layers a and b, no flow across
 * their middles, one diffusivity. With equal layers the centre-to-centre difference falls as
 * (4/π)(e^−τ − e^−9τ/3 + …), τ = π²Dt/h², h the thickness of one layer.
 *
 * <p>Departs from steel where activity and not content is what evens out: silicon repels carbon,
 * chromium draws it; see {@link #carbonRatio}.
 */
public final class Homogenization {
  /** τ at which 95 % of the difference is gone: e^−τ = 0.05·π/4. */
  private static final double TAU_95 = -Math.log(0.05 * Math.PI / 4);

  private static final int TERMS = 400;

  private Homogenization() {}

  /** Seconds until 95 % of the difference is gone, equal layers; t = 0.328 h²/D. */
  public static double seconds95(double layerMm, double diffusivityM2PerS) {
    double h = layerMm / 1000;
    return TAU_95 / (Math.PI * Math.PI) * h * h / diffusivityM2PerS;
  }

  /** What is left of the centre-to-centre difference after a time, fraction of the first. */
  public static double differenceLeft(double layerMm, double diffusivityM2PerS, double seconds) {
    double h = layerMm / 1000;
    return differenceLeft(diffusivityM2PerS * seconds / (h * h));
  }

  /**
   * The same where layers get thinner or the heat changes.
   *
   * @param fourier integral of D/h² over the time, h the thickness of one layer, both in metres
   */
  public static double differenceLeft(double fourier) {
    double tau = Math.PI * Math.PI * fourier;
    double sum = 0;
    for (int k = 0; k < TERMS; k++) {
      int n = 2 * k + 1;
      sum += (k % 2 == 0 ? 1.0 : -1.0) / n * Math.exp(-n * n * tau);
    }
    // Cut short, the series swings a little about what it comes to.
    return Math.clamp(4 / Math.PI * sum, 0, 1);
  }

  /**
   * Content at a place after a time.
   *
   * @param aMm thickness of layer a
   * @param bMm thickness of layer b
   * @param c1 first content of a
   * @param c2 first content of b
   * @param fromCentreMm distance from the centre of a, 0 to (a + b)/2
   */
  public static double contentAt(
      double aMm,
      double bMm,
      double c1,
      double c2,
      double diffusivityM2PerS,
      double seconds,
      double fromCentreMm) {
    double length = (aMm + bMm) / 2;
    double f = aMm / (aMm + bMm);
    double rate = Math.PI * Math.PI * diffusivityM2PerS * seconds / (length * length * 1e-6);
    double sum = f * c1 + (1 - f) * c2;
    for (int n = 1; n <= TERMS; n++) {
      sum +=
          2
              * (c1 - c2)
              / (n * Math.PI)
              * Math.sin(n * Math.PI * f)
              * Math.cos(n * Math.PI * fromCentreMm / length)
              * Math.exp(-n * n * rate);
    }
    return sum;
  }

  /**
   * Carbon of steel B over carbon of steel A when both are at rest beside each other, after
   * Gunnarson (1967): equal activity, not equal content. Low-alloy steels only; for stainless it
   * says three to four and the truth is more.
   *
   * @param gammaA {@link #logActivity} of A
   * @param gammaB of B
   */
  public static double carbonRatio(double gammaA, double gammaB) {
    return Math.pow(10, gammaA - gammaB);
  }

  /** log10 of the activity coefficient of carbon, contents in mass %. */
  public static double logActivity(
      double silicon, double nickel, double manganese, double chromium, double molybdenum) {
    return 0.055 * silicon
        + 0.014 * nickel
        - 0.013 * manganese
        - 0.040 * chromium
        - 0.013 * molybdenum;
  }
}
