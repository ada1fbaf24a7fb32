package app.geminal.heatplan;

import app.geminal.heat.BarHeat;
import app.geminal.heat.HeatExposure;
import app.geminal.heat.Soak;
import app.geminal.heat.Surroundings;
import app.geminal.shop.Shop;
import app.geminal.text.Message;
import app.geminal.weld.AtmosphereProtection;
import java.util.List;

/**
 * What one way of keeping oxygen out costs this billet over all its setting heats.
 *
 * @param protection a way to keep air from the joint
 * @param fireMin in the fire, minutes
 * @param benchMin at the bench for this atmosphere protection alone: fuel bath, jacket, cleaning up
 * @param skinMm steel gone from every face: scale, or the skin removed with the jacket
 * @param lostKg the same by mass
 * @param decarbDepthMm under the new face, to where nine tenths of the carbon are left
 * @param grainUm in the skin after the last heat, a risk and not a size
 * @param gasKg burnt
 * @param made welds by this atmosphere protection in the Book
 * @param held of those
 * @param risks what the checks find against it here, strongest first
 */
public record ProtectionCost(
    AtmosphereProtection protection,
    double fireMin,
    double benchMin,
    double skinMm,
    double lostKg,
    double decarbDepthMm,
    double grainUm,
    double gasKg,
    int made,
    int held,
    List<Message> risks) {
  private static final double STEP_S = 5;

  /** Out at dull red to flux the seams, seconds. */
  private static final double FLUXING_S = 25;

  private static final double LONGEST_S = 4 * 3600;

  /** Welds of one atmosphere protection in the Book. */
  public record MethodRecord(int made, int held) {
    /** None yet. */
    public static final MethodRecord NONE = new MethodRecord(0, 0);
  }

  /** What is the same for every atmosphere protection. */
  record Case(
      BarHeat.Of bar,
      double kg,
      double carbon,
      HeatWindow window,
      double plannedMin,
      int heats,
      Shop shop) {}

  static ProtectionCost of(
      AtmosphereProtection protection, Case in, MethodRecord record, List<Message> risks) {
    boolean sealed = protection == AtmosphereProtection.SEALED;
    Heating heating = new Heating(in);
    double seconds = 0;
    for (int heat = 1; heat <= in.heats(); heat++) {
      seconds += heating.heat(heat, heat == 1 && protection == AtmosphereProtection.BORAX);
    }
    HeatExposure exposure = heating.exposure;
    double skin =
        sealed
            ? in.shop().defaults().jacketMm()
            : exposure.scaleMm(in.shop().defaults().atmosphere());
    return new ProtectionCost(
        protection,
        seconds / 60,
        benchMin(protection),
        skin,
        Math.min(1, in.bar().surfaceMm2() * skin / in.bar().volumeMm3()) * in.kg(),
        sealed ? 0 : exposure.decarbDepthMm(in.carbon(), in.shop().defaults().atmosphere()),
        exposure.grainUm(),
        seconds / 3600 * in.shop().taskTimes().gasKgHour(),
        record.made(),
        record.held(),
        List.copyOf(risks));
  }

  /** Common figures, not measured: a bath and its draining, a jacket and grinding it off. */
  private static double benchMin(AtmosphereProtection protection) {
    return switch (protection) {
      case BORAX -> 0;
      case DRY -> 10;
      case BOTH -> 10;
      case SEALED -> 45;
    };
  }

  /** The bar going through its heats as planned. */
  private static final class Heating {
    private final Case in;
    private final BarHeat bar;
    private final Surroundings fire;
    private HeatExposure exposure = HeatExposure.NONE;

    Heating(Case in) {
      this.in = in;
      this.bar = new BarHeat(in.bar(), 20);
      this.fire =
          Surroundings.chamber(in.window().aimC() + Soak.CHAMBER_OVER_C)
              .withPowerKw(in.shop().forge().powerKw());
    }

    /** One heat; the seconds it takes in the fire. */
    double heat(int number, boolean fluxed) {
      double least = (number == 1 ? in.plannedMin() : in.plannedMin() / 2) * 60;
      boolean toFlux = fluxed;
      double seconds = 0;
      while (seconds < LONGEST_S && (seconds < least || !even())) {
        pass(STEP_S, fire);
        seconds += STEP_S;
        if (toFlux && bar.topSkinC(fire) >= HeatSteps.FLUX_AT_C) {
          pass(FLUXING_S, Surroundings.air());
          toFlux = false;
        }
      }
      pass(SoakPlan.AWAY_S, Surroundings.air());
      bar.welded();
      exposure = exposure.clean(in.shop().defaults().atmosphere());
      if (number < in.heats()) {
        exposure = exposure.forged();
      }
      return seconds;
    }

    private boolean even() {
      return bar.topSkinC(fire) >= in.window().aimC()
          && Soak.isEven(bar.topSkinC(fire), bar.coreC());
    }

    private void pass(double seconds, Surroundings around) {
      bar.advance(seconds, around);
      exposure = exposure.plus(seconds, bar.topSkinC(around), bar.coreC());
    }
  }
}
