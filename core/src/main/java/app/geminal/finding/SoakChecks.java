package app.geminal.finding;

import app.geminal.heat.BarHeat;
import app.geminal.heat.Decarburization;
import app.geminal.heat.Diffusion;
import app.geminal.heat.Soak;
import app.geminal.operation.SetWeld;
import app.geminal.steel.Steel;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/** Checks of the planned soak against what the section wants. */
final class SoakChecks {
  /** Held on so much longer than ready, it only costs steel, minutes. */
  private static final double SPARE_MIN = 10;

  private static final double LEAST_REPORTED_MM = 0.02;

  /** What the spare minutes cost. */
  private enum Costs {
    GAS,
    CARBON,
    SCALE
  }

  private SoakChecks() {}

  static List<Finding> of(StepContext at, SetWeld weld) {
    double inFire = Math.min(at.before().lengthMm(), at.shop().forge().lengthMm());
    Soak.Answer soak =
        Soak.of(
            BarHeat.Of.solid(at.before().widthMm(), at.before().heightMm(), inFire)
                .loose(at.loosePieceMm()),
            weld.temperatureC(),
            at.shop().forge().powerKw(),
            weld.soakMin());
    List<Finding> found = new ArrayList<>();
    double minutes = Math.ceil(soak.minutes());
    if (weld.soakMin() < soak.minutes() - 0.5) {
      found.add(
          Finding.of(FindingKind.SOAK_SHORT, Severity.WARNING, at.stage())
              .against(weld.soakMin(), soak.minutes())
              .figures(
                  "planned", Quantity.minutes(weld.soakMin()),
                  "core", Quantity.celsius(soak.coreC()),
                  "needed", Quantity.minutes(minutes),
                  "more", Quantity.minutes(minutes - weld.soakMin()))
              .instead(weld.withSoakMin(minutes))
              .found());
    } else if (weld.soakMin() > soak.minutes() + SPARE_MIN && at.before().loose()) {
      double scale = scaleMm(at, weld, weld.soakMin()) - scaleMm(at, weld, soak.minutes());
      double soft =
          decarbDepthMm(at, weld, weld.soakMin()) - decarbDepthMm(at, weld, soak.minutes());
      found.add(
          Finding.of(FindingKind.SOAK_LONG, Severity.NOTE, at.stage())
              .against(weld.soakMin(), soak.minutes() + SPARE_MIN)
              .figures(
                  "planned", Quantity.minutes(weld.soakMin()),
                  "needed", Quantity.minutes(minutes),
                  "costs",
                      weld.isSealed()
                          ? Costs.GAS
                          : scale < LEAST_REPORTED_MM ? Costs.CARBON : Costs.SCALE,
                  "scale", Quantity.mm(scale),
                  "decarb", Quantity.mm(soft),
                  "better", Quantity.minutes(minutes + 2))
              .instead(weld.withSoakMin(minutes + 2))
              .found());
    }
    return found;
  }

  private static double scaleMm(StepContext at, SetWeld weld, double minutes) {
    return at.shop().defaults().scaleMm(weld.temperatureC(), minutes);
  }

  /** Under the face as it is then, of the steel with the most carbon; the skin is hot early. */
  private static double decarbDepthMm(StepContext at, SetWeld weld, double minutes) {
    double carbon = at.inside().stream().mapToDouble(Steel::carbonPercent).max().orElse(0);
    double diffusionM2 =
        Diffusion.carbonM2PerS(Decarburization.SKIN_CARBON, weld.temperatureC()) * minutes * 60;
    return Decarburization.depthMm(
        carbon, diffusionM2, scaleMm(at, weld, minutes), Decarburization.STILL_HARD);
  }
}
