package app.geminal.finding;

import app.geminal.operation.SetWeld;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.units.Measure;
import app.geminal.weld.Method;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.List;

/**
 * Checks of a weld with copper in it. There is no heat at which steel and copper weld in the
 * ordinary way, but two ways of their own: copper kept solid, or let melt and closed gently. The
 * step says which, and only the rules of that way judge it.
 */
final class CopperChecks {
  private static final double HARD_SQUEEZE = 0.05;
  private static final double GENTLE = 0.03;

  private CopperChecks() {}

  static boolean concerns(At at, SetWeld weld) {
    return hasCopper(at) || weld.method() != Method.FORGE;
  }

  static boolean hasCopper(At at) {
    return at.inside().stream().anyMatch(s -> s.isCopper() && !s.neverWeld());
  }

  static List<Finding> of(At at, SetWeld weld) {
    if (!hasCopper(at)) {
      return List.of(noCopper(at, weld));
    }
    return switch (weld.method()) {
      case FORGE -> List.of(undecided(at, weld));
      case COPPER_SOLID -> solid(at, weld);
      case COPPER_MOLTEN -> molten(at, weld);
    };
  }

  /** Any other heated step after copper is in. */
  static List<Finding> heated(At at, double heatC) {
    if (!hasCopper(at) || heatC <= solidToC()) {
      return List.of();
    }
    return List.of(
        Finding.of("copper-runs", Strength.AT_RISK, at.stage())
            .hazard()
            .about(names(at))
            .against(heatC, solidToC())
            .what("The shop's usual drawing heat is too hot for copper.")
            .why(
                "Drawn at %s by habit, and copper begins to melt at about %s: it runs out of the seams and cracks the steel.",
                Measure.celsius(heatC), Measure.celsius(Method.COPPER_MELTS_C))
            .mend(
                "From here on no heat over %s, watched with a thermocouple.",
                Measure.celsius(solidToC())));
  }

  private static Finding noCopper(At at, SetWeld weld) {
    double heatC =
        WeldWindow.sharedBy(at.inside())
            .map(WeldWindow::settingC)
            .orElse(at.shop().practice().weldTemperatureC());
    return Finding.of("copper-runs", Strength.AT_RISK, at.stage())
        .what("There is no copper in this weld.")
        .why(
            "The step is planned as a copper weld, at a heat at which steel does not weld to steel.")
        .instead(
            "Forge weld at " + Measure.celsius(heatC),
            weld.withMethod(Method.FORGE).withTemperatureC(heatC))
        .mend("Plan it as a forge weld.");
  }

  private static Finding undecided(At at, SetWeld weld) {
    return Finding.of("copper-runs", Strength.WILL_FAIL, at.stage())
        .hazard()
        .about(names(at))
        .what("Copper does not forge-weld; choose how it is joined.")
        .why(
            "Planned %s as a forge weld. Copper begins to melt at about %s and is thrown by a press; kept solid it bonds sealed at %s to %s, let melt it brazes at %s to %s.",
            Measure.celsius(weld.temperatureC()),
            Measure.celsius(Method.COPPER_MELTS_C),
            Measure.celsius(window(Method.COPPER_SOLID).fromC()),
            Measure.celsius(window(Method.COPPER_SOLID).toC()),
            Measure.celsius(window(Method.COPPER_MOLTEN).fromC()),
            Measure.celsius(window(Method.COPPER_MOLTEN).toC()))
        .instead("Keep it solid", solidWeld(weld))
        .mend("Keep it solid, sealed and in one heat; or let it melt and close it gently.");
  }

  private static List<Finding> solid(At at, SetWeld weld) {
    List<Finding> found = new ArrayList<>();
    double planned = weld.temperatureC();
    if (planned > solidToC()) {
      found.add(
          Finding.of("copper-runs", Strength.WILL_FAIL, at.stage())
              .hazard()
              .about(names(at))
              .against(planned, solidToC())
              .what("The copper begins to run.")
              .why(
                  "Planned %s with the copper solid; it begins to melt at about %s, and what is molten is thrown by the press.",
                  Measure.celsius(planned), Measure.celsius(Method.COPPER_MELTS_C))
              .instead(
                  "Weld at " + Measure.celsius(window(Method.COPPER_SOLID).settingC()),
                  weld.withTemperatureC(window(Method.COPPER_SOLID).settingC()))
              .mend("Stay at %s or under.", Measure.celsius(solidToC())));
    } else if (planned < window(Method.COPPER_SOLID).fromC()) {
      found.add(cold(at, weld, "Cold for solid copper."));
    }
    if (!weld.isSealed()) {
      found.add(
          Finding.of("oxide-will-not-lift", Strength.AT_RISK, at.stage())
              .about(names(at))
              .what("Solid copper wants a sealed stack.")
              .why(
                  "At these heats flux does not keep oxygen from the faces, and oxide does not bond.")
              .instead("Seal the stack", weld.withSchool(OxygenSchool.SEALED))
              .mend("A jacket, or a bead round every seam, faces ground and clean."));
    }
    found.addAll(oneHeat(at, weld));
    return found;
  }

  private static List<Finding> molten(At at, SetWeld weld) {
    List<Finding> found = new ArrayList<>();
    double planned = weld.temperatureC();
    if (planned < window(Method.COPPER_MOLTEN).fromC()) {
      found.add(cold(at, weld, "Cold for copper that shall melt."));
    } else if (planned > window(Method.COPPER_MOLTEN).toC()) {
      found.add(
          Finding.of("copper-runs", Strength.AT_RISK, at.stage())
              .hazard()
              .about(names(at))
              .against(planned, window(Method.COPPER_MOLTEN).toC())
              .what("Hotter than copper has to be.")
              .why(
                  "Planned %s; over %s it runs along the grains of the steel and cracks it.",
                  Measure.celsius(planned), Measure.celsius(window(Method.COPPER_MOLTEN).toC()))
              .instead(
                  "Weld at " + Measure.celsius(window(Method.COPPER_MOLTEN).settingC()),
                  weld.withTemperatureC(window(Method.COPPER_MOLTEN).settingC()))
              .mend("Weld cooler."));
    }
    if (weld.reductionPerHeat() > HARD_SQUEEZE + 1e-9) {
      Finding.Builder thrown =
          Finding.of("copper-runs", Strength.AT_RISK, at.stage())
              .hazard()
              .about(names(at))
              .against(weld.reductionPerHeat(), HARD_SQUEEZE)
              .what("Molten copper under a hard squeeze.")
              .why(
                  "%.0f %% of the height in one heat; liquid copper is thrown out of the seams.",
                  weld.reductionPerHeat() * 100);
      // A gentle squeeze closes no voids.
      found.add(
          at.before().hasVoids()
              ? thrown.mend(
                  "Weld the pieces with voids solid first, then close the copper gently. Keep out of line with the seams.")
              : thrown
                  .instead("Squeeze 3 %", weld.withReduction(GENTLE).withHeats(1))
                  .mend("Close it gently, nobody in line with the seams."));
    }
    found.addAll(oneHeat(at, weld));
    return found;
  }

  private static Finding cold(At at, SetWeld weld, String what) {
    double from = window(weld.method()).fromC();
    return Finding.of("below-welding-heat", Strength.AT_RISK, at.stage())
        .about(names(at))
        .against(weld.temperatureC(), from)
        .what(what)
        .why(
            "Planned %s; this way wants %s to %s.",
            Measure.celsius(weld.temperatureC()),
            Measure.celsius(from),
            Measure.celsius(window(weld.method()).toC()))
        .instead(
            "Weld at " + Measure.celsius(window(weld.method()).settingC()),
            weld.withTemperatureC(window(weld.method()).settingC()))
        .mend("Weld hotter.");
  }

  private static List<Finding> oneHeat(At at, SetWeld weld) {
    if (weld.heats() == 1) {
      return List.of();
    }
    return List.of(
        Finding.of("copper-runs", Strength.AT_RISK, at.stage())
            .about(names(at))
            .against(weld.heats(), 1)
            .what("Copper takes one heat.")
            .why("Every further heat thins the copper and lets it into the steel.")
            .instead("One heat", weld.withHeats(1))
            .mend("Set it in one heat, steady and once."));
  }

  /** The same weld, its copper kept solid. */
  static SetWeld solidWeld(SetWeld weld) {
    return weld.withMethod(Method.COPPER_SOLID)
        .withTemperatureC(window(Method.COPPER_SOLID).settingC())
        .withSchool(OxygenSchool.SEALED)
        .withHeats(1);
  }

  private static String names(At at) {
    return String.join(", ", at.inside().stream().filter(Steel::isCopper).map(Steel::id).toList());
  }

  private static WeldWindow window(Method method) {
    return method.window().orElseThrow();
  }

  private static double solidToC() {
    return window(Method.COPPER_SOLID).toC();
  }
}
