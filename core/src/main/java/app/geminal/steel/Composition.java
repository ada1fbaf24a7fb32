package app.geminal.steel;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * What a metal is made of, mass %. Carbon has its range because melts of one grade differ in it and
 * everything else follows from it; the other elements are the typical contents.
 *
 * @param carbonMin lowest carbon of the grade, 0 to 6.7
 * @param carbon typical carbon
 * @param carbonMax highest carbon of the grade
 * @param manganese manganese, percent by mass
 * @param silicon silicon, percent by mass
 * @param nickel nickel, percent by mass
 * @param chromium chromium, percent by mass
 * @param molybdenum molybdenum, percent by mass
 * @param vanadium vanadium, percent by mass
 * @param tungsten tungsten, percent by mass
 * @param copper copper, percent by mass
 * @param phosphorus phosphorus, percent by mass
 */
public record Composition(
    double carbonMin,
    double carbon,
    double carbonMax,
    double manganese,
    double silicon,
    double nickel,
    double chromium,
    double molybdenum,
    double vanadium,
    double tungsten,
    double copper,
    double phosphorus) {
  private static final double MOST_CARBON = 6.7;

  /** Checks every field. */
  public Composition {
    Require.percent("carbonMin", carbonMin, 0, MOST_CARBON);
    Require.percent("carbonMax", carbonMax, 0, MOST_CARBON);
    Require.percent("carbon", carbon, 0, MOST_CARBON);
    Require.percent("manganese", manganese, 0, 100);
    Require.percent("silicon", silicon, 0, 100);
    Require.percent("nickel", nickel, 0, 100);
    Require.percent("chromium", chromium, 0, 100);
    Require.percent("molybdenum", molybdenum, 0, 100);
    Require.percent("vanadium", vanadium, 0, 100);
    Require.percent("tungsten", tungsten, 0, 100);
    Require.percent("copper", copper, 0, 100);
    Require.percent("phosphorus", phosphorus, 0, 100);
    if (carbonMin > carbon || carbon > carbonMax) {
      throw new InvalidValue(
          "carbon",
          SteelText.CARBON_ORDER.with("least", carbonMin, "typical", carbon, "most", carbonMax));
    }
    double sum =
        carbon
            + manganese
            + silicon
            + nickel
            + chromium
            + molybdenum
            + vanadium
            + tungsten
            + copper
            + phosphorus;
    if (sum > 100.001) {
      throw new InvalidValue("", SteelText.CONTENTS_OVER_100.with("sum", sum));
    }
  }

  /** Carbon and a few usual elements; for tests and plain steels. */
  public static Composition of(
      double carbon, double manganese, double silicon, double nickel, double chromium) {
    return new Composition(
        carbon, carbon, carbon, manganese, silicon, nickel, chromium, 0, 0, 0, 0, 0);
  }

  /** The same with other typical carbon, the range widened to hold it. */
  public Composition withCarbon(double c) {
    return new Composition(
        Math.min(carbonMin, c),
        c,
        Math.max(carbonMax, c),
        manganese,
        silicon,
        nickel,
        chromium,
        molybdenum,
        vanadium,
        tungsten,
        copper,
        phosphorus);
  }

  /** The same with this phosphorus, mass %. */
  public Composition withPhosphorus(double p) {
    return new Composition(
        carbonMin,
        carbon,
        carbonMax,
        manganese,
        silicon,
        nickel,
        chromium,
        molybdenum,
        vanadium,
        tungsten,
        copper,
        p);
  }

  /** Iron by difference, mass %; trace elements count as iron. */
  public double iron() {
    return 100
        - (carbon
            + manganese
            + silicon
            + nickel
            + chromium
            + molybdenum
            + vanadium
            + tungsten
            + copper
            + phosphorus);
  }
}
