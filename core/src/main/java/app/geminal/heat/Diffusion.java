package app.geminal.heat;

import app.geminal.units.Temperatures;
import java.time.Duration;

/**
 * How fast atoms diffuse in austenite, m²/s.
 *
 * <p>Carbon after Tibbetts (1980), recommended; Wells and Mehl (1940) and Ågren (1986) as second
 * and third opinions, within 25 % of each other from 800 to 1250 °C and to 1.3 % C. Other elements
 * D0 exp(−Q/RT): nickel after Hirano, Cohen and Averbach (1961), manganese after Wells and Mehl
 * (1941), chromium and phosphorus from tables; within a factor of 2.
 */
public final class Diffusion {
  private static final double R_J = 8.314;
  private static final double R_CAL = 1.987;

  private Diffusion() {}

  /** Carbon, at the mean carbon content, mass %. */
  public static double carbonM2PerS(double carbon, double temperatureC) {
    double t = Temperatures.kelvin(temperatureC);
    return 0.47e-4 * Math.exp(-1.6 * carbon) * Math.exp(-(37000 - 6600 * carbon) / (R_CAL * t));
  }

  /** Carbon after Wells and Mehl (1940). */
  public static double carbonWellsMehlM2PerS(double carbon, double temperatureC) {
    double t = Temperatures.kelvin(temperatureC);
    return (0.07 + 0.06 * carbon) * 1e-4 * Math.exp(-32000 / (R_CAL * t));
  }

  /** Carbon after Ågren (1986). */
  public static double carbonAgrenM2PerS(double carbon, double temperatureC) {
    double t = Temperatures.kelvin(temperatureC);
    double atoms = carbon / 12.011 / (carbon / 12.011 + (100 - carbon) / 55.845);
    double y = atoms / (1 - atoms);
    return 4.53e-7
        * (1 + y * (1 - y) * 8339.9 / t)
        * Math.exp(-(1 / t - 2.221e-4) * (17767 - 26436 * y));
  }

  /** The elements that sit in iron's own places and hardly move. */
  public enum Element {
    NICKEL(7.7e-5, 280_500),
    MANGANESE(4.9e-5, 276_100),
    CHROMIUM(1.08e-3, 291_800),
    PHOSPHORUS(1.0e-6, 182_900);

    private final double d0M2PerS;
    private final double activationJMol;

    Element(double d0M2PerS, double activationJMol) {
      this.d0M2PerS = d0M2PerS;
      this.activationJMol = activationJMol;
    }

    /** At a temperature, m²/s. */
    public double m2PerS(double temperatureC) {
      return d0M2PerS * Math.exp(-activationJMol / (R_J * Temperatures.kelvin(temperatureC)));
    }

    /**
     * How thick layers of two steels in turn are that have evened out to 95 % in a time: of their
     * contrast in this element nothing is left to the eye. Equal layers, first mode: 0.328 h²/D is
     * that time.
     */
    public double evenedMm(double temperatureC, Duration time) {
      return 1000 * Math.sqrt(m2PerS(temperatureC) * time.toSeconds() / 0.328);
    }
  }
}
