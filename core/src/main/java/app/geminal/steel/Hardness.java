package app.geminal.steel;

import app.geminal.units.Temperatures;
import java.util.Map;

/**
 * Hardness of hardened steel and of layers together.
 *
 * <p>Layers are averaged in Vickers, because Rockwell C is not linear: {@code HV = (223·HRC +
 * 14500) / (100 − HRC)}, which fits ASTM E140 from 20 to 66 HRC within 10 HV. The mean means
 * something only where an indent spans many layers. Equal tempering after Hollomon and Jaffe
 * (1945): P = T (c + log10 hours).
 */
public final class Hardness {

  private Hardness() {}

  /** Vickers from Rockwell C, 20 to 66. */
  public static double vickers(double hrc) {
    OutOfRange.unless("Rockwell C", hrc, 20, 68);
    return (223 * hrc + 14500) / (100 - hrc);
  }

  /** Rockwell C from Vickers. */
  public static double rockwellC(double vickers) {
    return (100 * vickers - 14500) / (vickers + 223);
  }

  /** Layers together, by share of the thickness; HRC. */
  public static double laminate(Map<Double, Double> shareByHrc) {
    double shares = shareByHrc.values().stream().mapToDouble(Double::doubleValue).sum();
    double mean =
        shareByHrc.entrySet().stream()
            .mapToDouble(e -> vickers(e.getKey()) * e.getValue() / shares)
            .sum();
    return rockwellC(mean);
  }

  /** The most a steel reaches as quenched, HRC; exact to 0.6 % C, then flat at 66. */
  public static double mostAsQuenched(double carbon) {
    return Math.min(66, 20 + 60 * Math.sqrt(Math.min(carbon, 0.6)));
  }

  /**
   * Hollomon and Jaffe's parameter; {@code c} about 20 for low-alloy steel, 21.3 − 5.8·C fitted.
   */
  public static double temperParameter(double temperC, double hours, double c) {
    return Temperatures.kelvin(temperC) * (c + Math.log10(hours));
  }

  /** The heat that tempers in one hour as much as {@code temperC} does in {@code hours}, °C. */
  public static double oneHourTemperC(double temperC, double hours, double c) {
    return temperParameter(temperC, hours, c) / c - Temperatures.kelvin(0);
  }
}
