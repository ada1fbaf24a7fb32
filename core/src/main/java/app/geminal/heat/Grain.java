package app.geminal.heat;

import app.geminal.units.QuantityKind;
import app.geminal.units.Temperatures;
import app.geminal.validation.Require;

/**
 * How coarse austenite grows, after Hodgson and Gibbs (1992) for carbon-manganese steel: {@code d⁷
 * = d₀⁷ + 1.45e27·t·exp(−400000/RT)}, µm and s. Not calibrated over 0.25 % C nor for steels with
 * vanadium or aluminium, whose grain is paused to 1050 to 1150 °C and then runs; low confidence, a
 * factor of three. Only the last heat without forging counts, and later forging and two or three
 * falling normalizing heats correct it. To be read as a risk, not as a size.
 */
public final class Grain {
  private static final double EXPONENT = 7;
  private static final double PRE_EXPONENT = 1.45e27;
  private static final double ACTIVATION_J_MOL = 400_000;
  private static final double R = 8.314;
  private static final double REFERENCE_K = 1533.15;

  /** A usual beginning, µm. */
  public static final double USUAL_UM = 30;

  private Grain() {}

  /** Grain after some time at one heat, µm. */
  public static double grownUm(double fromUm, double temperatureC, double seconds) {
    Require.quantity(QuantityKind.TIME, "seconds", seconds, 0, 1e7);
    double kelvin = Temperatures.kelvin(temperatureC);
    double grown = PRE_EXPONENT * seconds * Math.exp(-ACTIVATION_J_MOL / (R * kelvin));
    return Math.pow(Math.pow(fromUm, EXPONENT) + grown, 1 / EXPONENT);
  }

  /** How fast it grows against 1260 °C: 1 there, 0.3 at 1204 °C, 3.3 at 1320 °C. */
  public static double rate(double temperatureC) {
    double kelvin = Temperatures.kelvin(temperatureC);
    return Math.exp(-ACTIVATION_J_MOL / R * (1 / kelvin - 1 / REFERENCE_K));
  }
}
