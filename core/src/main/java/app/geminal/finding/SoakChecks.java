package app.geminal.finding;

import app.geminal.heat.BarHeat;
import app.geminal.heat.Decarburised;
import app.geminal.heat.Diffusion;
import app.geminal.heat.Soak;
import app.geminal.operation.SetWeld;
import app.geminal.steel.Steel;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;

/** Checks of the planned soak against what the section wants. */
final class SoakChecks {
  /** Held on so much longer than ready, it only costs steel, minutes. */
  private static final double SPARE_MIN = 10;

  private static final double LEAST_TOLD_MM = 0.02;

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
                  "%.0f min after it went in cold the core is at about %s; it is even with the skin after about %.0f min (±20 %%, the gaps of a loose stack weigh most).",
                  weld.soakMin(), Measure.celsius(soak.coreC()), minutes)
              .instead(Text.of("Soak %.0f min", minutes), weld.withSoakMin(minutes))
              .mend("Soak %.0f min longer, turned over half-way.", minutes - weld.soakMin()));
    } else if (weld.soakMin() > soak.minutes() + SPARE_MIN && at.before().loose()) {
      double scale = scaleMm(at, weld, weld.soakMin()) - scaleMm(at, weld, soak.minutes());
      double soft = softMm(at, weld, weld.soakMin()) - softMm(at, weld, soak.minutes());
      found.add(
          Finding.of("soak-long", Strength.WORTH_KNOWING, at.stage())
              .against(weld.soakMin(), soak.minutes() + SPARE_MIN)
              .what("It is ready before that.")
              .why(
                  weld.isSealed()
                      ? Text.of(
                          "Ready about %.0f min after it went in cold, of %.0f planned. Sealed, a long soak is safe; it costs time and gas.",
                          minutes, weld.soakMin())
                      : Text.of(
                          "Ready about %.0f min after it went in cold, of %.0f planned; the rest costs %sa soft skin about %s deeper.",
                          minutes,
                          weld.soakMin(),
                          scale < LEAST_TOLD_MM
                              ? ""
                              : Measure.mm(scale) + " more scale on each face and ",
                          Measure.mm(soft)))
              .instead(Text.of("Soak %.0f min", minutes + 2), weld.withSoakMin(minutes + 2))
              .mend("Take it when the core is even, unless you hold it on purpose."));
    }
    return found;
  }

  private static double scaleMm(At at, SetWeld weld, double minutes) {
    return at.shop().practice().scaleMm(weld.temperatureC(), minutes);
  }

  /** Under the face as it is then, of the steel with the most carbon; the skin is hot early. */
  private static double softMm(At at, SetWeld weld, double minutes) {
    double carbon = at.inside().stream().mapToDouble(Steel::carbonPercent).max().orElse(0);
    double wandered =
        Diffusion.carbonM2PerS(Decarburised.SKIN_CARBON, weld.temperatureC()) * minutes * 60;
    return Decarburised.depthMm(
        carbon, wandered, scaleMm(at, weld, minutes), Decarburised.STILL_HARD);
  }
}
