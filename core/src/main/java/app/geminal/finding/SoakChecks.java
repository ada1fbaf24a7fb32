package app.geminal.finding;

import app.geminal.heat.BarHeat;
import app.geminal.heat.Diffusion;
import app.geminal.heat.Soak;
import app.geminal.operation.SetWeld;
import app.geminal.units.Measure;
import java.util.ArrayList;
import java.util.List;

/** Checks of the planned soak against what the section wants. */
final class SoakChecks {
  /** Held on so much longer than ready, it only costs steel, minutes. */
  private static final double SPARE_MIN = 10;

  private static final double LEAST_TOLD_MM = 0.02;
  private static final double MIDDLE_CARBON = 0.8;

  private SoakChecks() {}

  static List<Finding> of(At at, SetWeld weld) {
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
          Finding.of("soak-short", Strength.AT_RISK, at.stage())
              .against(weld.soakMin(), soak.minutes())
              .what("The core is not hot yet.")
              .why(
                  "After %.0f min from cold the core is at about %s; it is even with the skin after about %.0f min (±20 %%, the gaps of a loose stack weigh most).",
                  weld.soakMin(), Measure.celsius(soak.coreC()), minutes)
              .instead("Soak %.0f min".formatted(minutes), weld.withSoakMin(minutes))
              .mend("Soak %.0f min longer, turned over half-way.", minutes - weld.soakMin()));
    } else if (weld.soakMin() > soak.minutes() + SPARE_MIN && at.before().loose()) {
      double over = weld.soakMin() - soak.minutes();
      double scale =
          at.shop().practice().scaleMm(weld.temperatureC(), weld.soakMin())
              - at.shop().practice().scaleMm(weld.temperatureC(), soak.minutes());
      double carbon =
          2.3e3 * Math.sqrt(Diffusion.carbonM2PerS(MIDDLE_CARBON, weld.temperatureC()) * over * 60);
      found.add(
          Finding.of("soak-long", Strength.WORTH_KNOWING, at.stage())
              .against(weld.soakMin(), soak.minutes() + SPARE_MIN)
              .what("It is ready before that.")
              .why(
                  weld.isSealed()
                      ? "Ready after about %.0f min. Sealed, a long soak is safe; it costs time and gas."
                          .formatted(minutes)
                      : "Ready after about %.0f min; the rest costs %scarbon to a depth of about %s."
                          .formatted(
                              minutes,
                              scale < LEAST_TOLD_MM
                                  ? ""
                                  : Measure.mm(scale) + " more scale on each face and ",
                              Measure.mm(carbon)))
              .instead("Soak %.0f min".formatted(minutes + 2), weld.withSoakMin(minutes + 2))
              .mend("Take it when the core is even, unless you hold it on purpose."));
    }
    return found;
  }
}
