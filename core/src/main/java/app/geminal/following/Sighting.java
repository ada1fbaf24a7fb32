package app.geminal.following;

import app.geminal.heatplan.HeatSteps;
import app.geminal.weldmap.Joints;
import app.geminal.weldmap.Range;

/** What an eye or an instrument says about a bar. */
public sealed interface Sighting {
  /**
   * How likely it would be said of a bar that is like this, up to a factor.
   *
   * @param bar one way it may be
   */
  double likelihood(Shown bar);

  /**
   * One way the bar may be, as far as it shows.
   *
   * @param skinC of the face that is seen, °C
   * @param coreC the coldest place inside, °C
   * @param redS seconds it has been red all through, so that a fuel soak burns
   * @param fuelLastsS seconds at red a fuel soak lasts
   * @param squeezeKn what it resisted with at the end of the last squeeze, kN; 0 where the way of
   *     the ram was not seen
   */
  record Shown(double skinC, double coreC, double redS, double fuelLastsS, double squeezeKn) {
    double lagC() {
      return skinC - coreC;
    }
  }

  /** What is seen without an instrument and needs no figure. */
  enum Sign implements Sighting {
    /** A dark shadow is across the end: the core is behind. */
    SHADOW,
    /** No shadow any more: one color right across. */
    NO_SHADOW,
    /** The flux has melted and is still thick. */
    FLUX_MELTS,
    /** The flux runs like water. */
    FLUX_CLEAR,
    /** The flux smokes. */
    FLUX_SMOKES,
    /** The flame of the fuel at the seams has just died. */
    FUEL_OUT;

    /** A core this far behind shows as a shadow to every second pair of eyes, K. A guess. */
    private static final double SHADOW_K = 30;

    private static final double SHADOW_WITHIN_K = 8;

    private static final double MELTS_WITHIN_K = 10;

    /** From here on borax takes up iron oxide and thins. A guess from 850 to 950. */
    private static final double CLEAR_C = 900;

    /** From here on it smokes. A guess from 1100 to 1200. */
    private static final double SMOKES_C = 1150;

    private static final double FLUX_WITHIN_K = 20;

    /** How far a flame is missed going out, in parts of its minutes. A guess. */
    private static final double FUEL_OUT_WITHIN = 0.3;

    /** One in so many signs is mistaken, or tapped for another. A guess. */
    private static final double MISTAKEN = 0.04;

    @Override
    public double likelihood(Shown bar) {
      return MISTAKEN + (1 - 2 * MISTAKEN) * shows(bar);
    }

    private double shows(Shown bar) {
      return switch (this) {
        case SHADOW -> dark(bar);
        case NO_SHADOW -> 1 - dark(bar);
        case FLUX_MELTS ->
            above(bar.skinC, HeatSteps.BORAX_MELTS_C, MELTS_WITHIN_K)
                - above(bar.skinC, CLEAR_C, FLUX_WITHIN_K);
        case FLUX_CLEAR ->
            above(bar.skinC, CLEAR_C, FLUX_WITHIN_K) - above(bar.skinC, SMOKES_C, FLUX_WITHIN_K);
        case FLUX_SMOKES -> above(bar.skinC, SMOKES_C, FLUX_WITHIN_K);
        case FUEL_OUT -> {
          double off = Math.log(Math.max(bar.redS, 1) / bar.fuelLastsS) / FUEL_OUT_WITHIN;
          yield Math.exp(-off * off / 2);
        }
      };
    }

    private static double dark(Shown bar) {
      return above(bar.lagC(), SHADOW_K, SHADOW_WITHIN_K);
    }

    private static double above(double at, double limit, double within) {
      return 1 / (1 + Math.exp((limit - at) / within));
    }
  }

  /**
   * The skin's color against the table of heat colors.
   *
   * @param celsius of the step that fits best; an eye is within 40 °C nine times in ten
   */
  record SkinColor(double celsius) implements Sighting {
    private static final double WITHIN_K = 40 / Range.AT_95;

    @Override
    public double likelihood(Shown bar) {
      return near(bar.skinC() - celsius, WITHIN_K);
    }
  }

  /**
   * The skin by a thermometer held to it or aimed at it.
   *
   * @param celsius what it says; within 25 °C nine times in ten
   */
  record SkinReading(double celsius) implements Sighting {
    private static final double WITHIN_K = 25 / Range.AT_95;

    @Override
    public double likelihood(Shown bar) {
      return near(bar.skinC() - celsius, WITHIN_K);
    }
  }

  /**
   * The force at the end of a squeeze, by the gauge of the press: the colder the steel, the harder
   * it resists.
   *
   * @param kn above 0
   * @param wayOff how far the way of the ram is off that was seen, one standard deviation in parts
   *     of it
   */
  record SqueezeForce(double kn, double wayOff) implements Sighting {
    /**
     * How far the force of one squeeze is off, as a logarithm, what is unknown of the press and the
     * steel apart: the bite is laid a little longer or shorter, and all bites of a weld alike. A
     * guess.
     */
    private static final double WITHIN = 0.1;

    @Override
    public double likelihood(Shown bar) {
      double within = Math.hypot(WITHIN, Joints.HARDENING * wayOff);
      return bar.squeezeKn() > 0 ? near(Math.log(kn / bar.squeezeKn()), within) : 1;
    }
  }

  /** One in so many figures means nothing: aimed at the flame, or mistyped. A guess. */
  double WILD = 0.02;

  private static double near(double off, double within) {
    double deviations = off / within;
    return WILD + (1 - WILD) * Math.exp(-deviations * deviations / 2);
  }
}
