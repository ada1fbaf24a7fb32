package app.geminal.steel;

import app.geminal.numeric.Polyline;
import app.geminal.units.Temperatures;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * How hard hot steel resists the press, MPa, after Shida (1969). For plain steels to 1.2 % C, 700
 * to 1200 °C (used to 1300 °C), strain to 0.7, 0.1 to 100 per second; ±15 %. Chromium steels are
 * stronger by a factor read from practice: 1.5 % by 7 %, 5 % by 25 %, 12 % by 75 %, 18 % and more
 * by 100 %; ledeburite by 120 % and manganese austenite by 110 %, for their carbides. Those last
 * four are guesses within 50 to 120 %.
 */
public final class FlowStress {
  private static final double LEAST_STRAIN = 0.01;
  private static final double MOST_STRAIN = 0.7;
  private static final double SLOWEST = 0.1;
  private static final double FASTEST = 100;
  private static final double MPA_PER_KGF_MM2 = 9.807;
  private static final Polyline BY_CHROMIUM =
      Polyline.through(0, 1, 1.5, 1.07, 5, 1.25, 12, 1.75, 18, 2.0);
  private static final double LEDEBURITE = 2.2;
  private static final double MANGANESE_AUSTENITE = 2.1;

  private FlowStress() {}

  /**
   * Flow stress in austenite.
   *
   * @throws OutOfRange outside the ranges above, or below the change to austenite
   */
  public static double mpa(double carbon, double temperatureC, double strain, double perSecond) {
    OutOfRange.unless("Carbon", carbon, 0, 1.2);
    OutOfRange.unless("Temperature", temperatureC, 700, 1300);
    OutOfRange.unless("Strain", strain, LEAST_STRAIN, MOST_STRAIN);
    OutOfRange.unless("Rate", perSecond, SLOWEST, FASTEST);
    double t = Temperatures.kelvin(temperatureC) / 1000;
    OutOfRange.unless("Temperature over 1000 K", t, 0.95 * (carbon + 0.41) / (carbon + 0.32), 2);
    double n = 0.41 - 0.07 * carbon;
    double m = (0.126 - 0.019 * carbon) * t + 0.075 * carbon - 0.05;
    double hardening = 1.3 * Math.pow(strain / 0.2, n) - 0.3 * (strain / 0.2);
    double base = 0.28 * Math.exp(5 / t - 0.01 / (carbon + 0.05));
    return base * hardening * Math.pow(perSecond / 10, m) * MPA_PER_KGF_MM2;
  }

  /** Flow stress of an alloyed steel in a hearty bite at press speed, {@link Deformation#USUAL}. */
  public static double mpa(Composition c, double temperatureC) {
    return mpa(c, temperatureC, Deformation.USUAL);
  }

  /**
   * Flow stress of an alloyed steel. A strain or speed outside the formula's range is taken at its
   * end.
   *
   * @throws OutOfRange for a metal that is not mostly iron, and outside the range of heats
   */
  public static double mpa(Composition c, double temperatureC, Deformation how) {
    OutOfRange.unless("Iron", c.iron(), 65, 100);
    return mpa(
            Math.min(c.carbon(), 1.2),
            temperatureC,
            Math.clamp(how.strain(), LEAST_STRAIN, MOST_STRAIN),
            Math.clamp(how.perSecond(), SLOWEST, FASTEST))
        * alloyFactor(c);
  }

  /**
   * How hard several steels resist together.
   *
   * @param mpa by the share of those that are known; empty where the formula knows none of them
   * @param unknown designations of those it does not know, which are taken to resist as the others
   */
  public record Mix(OptionalDouble mpa, List<String> unknown) {
    /** Copies the list. */
    public Mix {
      unknown = List.copyOf(unknown);
    }
  }

  /**
   * How hard several steels resist together, by their share.
   *
   * @param share of each steel, by designation, in any unit
   */
  public static Mix ofMix(
      Map<String, Double> share, Steels steels, double temperatureC, Deformation how) {
    double sum = 0;
    double known = 0;
    List<String> unknown = new ArrayList<>();
    for (Map.Entry<String, Double> part : share.entrySet()) {
      try {
        sum += mpa(steels.get(part.getKey()).composition(), temperatureC, how) * part.getValue();
        known += part.getValue();
      } catch (OutOfRange notCovered) {
        unknown.add(part.getKey());
      }
    }
    return new Mix(known > 0 ? OptionalDouble.of(sum / known) : OptionalDouble.empty(), unknown);
  }

  private static double alloyFactor(Composition c) {
    if (c.carbon() > 1.2 && c.chromium() > 10) {
      return LEDEBURITE;
    }
    if (c.manganese() > 10) {
      return MANGANESE_AUSTENITE;
    }
    return BY_CHROMIUM.at(c.chromium());
  }
}
