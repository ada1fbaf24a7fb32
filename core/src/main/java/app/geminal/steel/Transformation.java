package app.geminal.steel;

/**
 * Where steel changes its structure, after Andrews (1965), JISI 203, 721. °C.
 *
 * <p>Fitted to about 0.6 % C, 5 % Mn, 5 % Cr, 5 % Ni and 5.4 % Mo; ±25 °C on Ms. Above 0.6 % C the
 * carbon that is dissolved at the hardening heat belongs in Ms, not the bulk; the two forms then
 * differ by up to 80 °C. Ac3 has no meaning above 0.77 % C.
 */
public final class Transformation {
  /** ± °C of Ms. */
  public static final double MS_PLUS_MINUS_C = 25;

  private static final double EUTECTOID_CARBON = 0.77;

  private Transformation() {}

  /**
   * Where austenite begins to form on heating.
   *
   * @throws OutOfRange past the alloy contents of the fit
   */
  public static double ac1C(Composition c) {
    requireFitted(c);
    return 723
        - 10.7 * c.manganese()
        - 16.9 * c.nickel()
        + 29.1 * c.silicon()
        + 16.9 * c.chromium()
        + 6.38 * c.tungsten();
  }

  /**
   * Where the last ferrite is gone on heating.
   *
   * @throws OutOfRange past the alloy contents of the fit, or above 0.77 % C
   */
  public static double ac3C(Composition c) {
    requireFitted(c);
    OutOfRange.unless("Carbon", c.carbon(), 0, EUTECTOID_CARBON);
    return 910
        - 203 * Math.sqrt(c.carbon())
        - 15.2 * c.nickel()
        + 44.7 * c.silicon()
        + 104 * c.vanadium()
        + 31.5 * c.molybdenum()
        + 13.1 * c.tungsten();
  }

  /**
   * Where martensite begins on cooling, linear form.
   *
   * @param dissolvedCarbon carbon in solution at the hardening heat, mass %
   * @throws OutOfRange past the alloy contents of the fit, or above 1.2 % dissolved carbon
   */
  public static double msC(Composition c, double dissolvedCarbon) {
    requireFitted(c);
    OutOfRange.unless("Dissolved carbon", dissolvedCarbon, 0, 1.2);
    return 539
        - 423 * dissolvedCarbon
        - 30.4 * c.manganese()
        - 17.7 * c.nickel()
        - 12.1 * c.chromium()
        - 7.5 * c.molybdenum();
  }

  /** The product form of {@link #msC}; a second opinion. */
  public static double msByProductsC(Composition c, double dissolvedCarbon) {
    requireFitted(c);
    OutOfRange.unless("Dissolved carbon", dissolvedCarbon, 0, 1.2);
    double carbon = dissolvedCarbon;
    return 512
        - 453 * carbon
        - 16.9 * c.nickel()
        + 15 * c.chromium()
        - 9.5 * c.molybdenum()
        + 217 * carbon * carbon
        - 71.5 * carbon * c.manganese()
        - 67.6 * carbon * c.chromium();
  }

  private static void requireFitted(Composition c) {
    OutOfRange.unless("Iron", c.iron(), 85, 100);
    OutOfRange.unless("Manganese", c.manganese(), 0, 5);
    OutOfRange.unless("Chromium", c.chromium(), 0, 5);
    OutOfRange.unless("Nickel", c.nickel(), 0, 5);
    OutOfRange.unless("Molybdenum", c.molybdenum(), 0, 5.4);
  }
}
