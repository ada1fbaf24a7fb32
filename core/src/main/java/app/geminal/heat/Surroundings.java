package app.geminal.heat;

import app.geminal.units.Temperatures;
import app.geminal.validation.Require;
import org.jspecify.annotations.Nullable;

/**
 * What is round a bar: {@code q = h(T − Ts) + εσ(T⁴ − Ts⁴)} at every face nothing touches.
 *
 * @param celsius of the chamber's walls and gas, or of the open air; −50 to 1700
 * @param emissivity of scaled steel against what is round it, 0 to 1; 0.7 to 0.85 in a chamber
 * @param convectionWM2K of the gas, W/(m²·K); 20 to 40 in a forge, about 10 in still air
 * @param mostW what the burners can put into the bar at most; infinity in the open air
 * @param below what the bar is on, null where nothing does
 * @param above what presses on it, null where nothing does
 */
public record Surroundings(
    double celsius,
    double emissivity,
    double convectionWM2K,
    double mostW,
    @Nullable FaceContact below,
    @Nullable FaceContact above) {
  /** Scaled steel in a chamber; 0.7 to 0.85 are reported. */
  public static final double EMISSIVITY = 0.8;

  /** Burnt gas in a forge; 20 to 40 W/(m²·K) are reported. */
  public static final double FORGE_CONVECTION = 30;

  private static final double AIR_CONVECTION = 10;
  private static final double STEFAN_BOLTZMANN = 5.670374e-8;

  /** Checks every field. */
  public Surroundings {
    Require.temperature("celsius", celsius, -50, 1700);
    Require.number("emissivity", emissivity, 0, 1);
    Require.number("convectionWM2K", convectionWM2K, 0, 1e6);
    if (Double.isNaN(mostW) || mostW < 0) {
      throw new IllegalArgumentException("mostW is a power, 0 or more");
    }
  }

  /** A chamber whose flame reaches every face. */
  public static Surroundings chamber(double celsius) {
    return new Surroundings(
        celsius, EMISSIVITY, FORGE_CONVECTION, Double.POSITIVE_INFINITY, null, null);
  }

  /** Still air at 20 °C. */
  public static Surroundings air() {
    return new Surroundings(20, EMISSIVITY, AIR_CONVECTION, Double.POSITIVE_INFINITY, null, null);
  }

  /** The same with burners that give at most so much. */
  public Surroundings withPowerKw(double kw) {
    return new Surroundings(celsius, emissivity, convectionWM2K, kw * 1000, below, above);
  }

  /** The same, the bar lying on something. */
  public Surroundings on(FaceContact what) {
    return new Surroundings(celsius, emissivity, convectionWM2K, mostW, what, above);
  }

  /** The same, the bar between two dies. */
  public Surroundings between(FaceContact die) {
    return new Surroundings(celsius, emissivity, convectionWM2K, mostW, die, die);
  }

  /** Heat passing to a face per square metre and degree of difference, W/(m²·K). */
  double coefficient(double faceC) {
    double there = Temperatures.kelvin(celsius);
    double here = Temperatures.kelvin(faceC);
    return convectionWM2K
        + emissivity * STEFAN_BOLTZMANN * (there * there + here * here) * (there + here);
  }
}
