package app.geminal.heat;

import app.geminal.units.Temperatures;
import app.geminal.validation.Require;

/**
 * Steel lost to scale on an exposed face.
 *
 * <p>Parabolic growth of scale on pure iron, after Païdassi (1958) as quoted by Chen and Yuen
 * (2003): x² = k·t with k = 6.1e-4 · exp(−169452 / (R·T)) m²/s. The metal that recedes is 0.55 of
 * the scale's thickness (5.7 · 0.765 / 7.87, wüstite against iron), times a factor for the flame.
 *
 * <p>Fitted from 700 to 1250 °C, extrapolated to 1300 °C; within that a factor of 1.5 to 2 either
 * way. Below 700 °C the loss is taken as nothing (it is under 0.01 mm in half an hour); above 1300
 * °C as at 1300 °C, which is too little. In burnt gas the law is at first linear, after Abuluwefa,
 * Guthrie and Ajersch (1996), and alloying changes it: chromium less, silicon more above 1177 °C.
 */
public final class Scale {
  private static final double GAS_CONSTANT = 8.314;
  private static final double PRE_EXPONENT_M2_S = 6.1e-4;
  private static final double ACTIVATION_J_MOL = 169_452;
  private static final double METAL_PER_SCALE = 0.55;
  static final double LEAST_C = 700;
  private static final double MOST_C = 1300;

  private Scale() {}

  /**
   * Metal lost per exposed face in one heat that starts clean.
   *
   * @param temperatureC of the surface
   * @param minutes at that temperature, 0 or more
   * @return mm, 0 or more
   */
  public static double recessionMm(double temperatureC, double minutes, Atmosphere atmosphere) {
    Require.minutes("minutes", minutes, 0, 24 * 60);
    if (temperatureC < LEAST_C) {
      return 0;
    }
    double seconds = minutes * 60;
    double scaleM = Math.sqrt(rateM2PerS(temperatureC) * seconds);
    return 1000 * scaleM * METAL_PER_SCALE * atmosphere.scaleFactor();
  }

  /** The parabolic rate, m²/s, at 700 to 1300 °C; held at the ends outside. */
  static double rateM2PerS(double temperatureC) {
    double kelvin = Temperatures.kelvin(Math.clamp(temperatureC, LEAST_C, MOST_C));
    return PRE_EXPONENT_M2_S * Math.exp(-ACTIVATION_J_MOL / (GAS_CONSTANT * kelvin));
  }
}
