package app.geminal.finding;

import app.geminal.operation.SetWeld;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Method;
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

  static boolean concerns(StepContext at, SetWeld weld) {
    return hasCopper(at) || weld.method() != Method.FORGE;
  }

  static boolean hasCopper(StepContext at) {
    return at.inside().stream().anyMatch(s -> s.isCopper() && !s.neverWeld());
  }

  static List<Finding> of(StepContext at, SetWeld weld) {
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
  static List<Finding> heated(StepContext at, double heatC) {
    if (!hasCopper(at) || heatC <= solidToC()) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.COPPER_DRAWN_HOT, Severity.WARNING, at.stage())
            .safety()
            .about(names(at))
            .against(heatC, solidToC())
            .figures(
                "planned", Quantity.celsius(heatC),
                "melts", Quantity.celsius(Method.COPPER_MELTS_C),
                "limit", Quantity.celsius(solidToC()))
            .found());
  }

  private static Finding noCopper(StepContext at, SetWeld weld) {
    double heatC =
        WeldWindow.sharedBy(at.inside())
            .map(WeldWindow::settingC)
            .orElse(at.shop().defaults().weldTemperatureC());
    return Finding.of(FindingKind.COPPER_ABSENT, Severity.WARNING, at.stage())
        .figures("setting", Quantity.celsius(heatC))
        .instead(weld.withMethod(Method.FORGE).withTemperatureC(heatC))
        .found();
  }

  private static Finding undecided(StepContext at, SetWeld weld) {
    return Finding.of(FindingKind.COPPER_METHOD, Severity.ERROR, at.stage())
        .safety()
        .about(names(at))
        .figures(
            "planned", Quantity.celsius(weld.temperatureC()),
            "melts", Quantity.celsius(Method.COPPER_MELTS_C),
            "solidFrom", Quantity.celsius(window(Method.COPPER_SOLID).fromC()),
            "solidTo", Quantity.celsius(window(Method.COPPER_SOLID).toC()),
            "moltenFrom", Quantity.celsius(window(Method.COPPER_MOLTEN).fromC()),
            "moltenTo", Quantity.celsius(window(Method.COPPER_MOLTEN).toC()))
        .instead(solidWeld(weld))
        .found();
  }

  private static List<Finding> solid(StepContext at, SetWeld weld) {
    List<Finding> found = new ArrayList<>();
    double planned = weld.temperatureC();
    if (planned > solidToC()) {
      found.add(
          Finding.of(FindingKind.COPPER_SOLID_HOT, Severity.ERROR, at.stage())
              .safety()
              .about(names(at))
              .against(planned, solidToC())
              .figures(
                  "planned", Quantity.celsius(planned),
                  "melts", Quantity.celsius(Method.COPPER_MELTS_C),
                  "limit", Quantity.celsius(solidToC()),
                  "setting", Quantity.celsius(window(Method.COPPER_SOLID).settingC()))
              .instead(weld.withTemperatureC(window(Method.COPPER_SOLID).settingC()))
              .found());
    } else if (planned < window(Method.COPPER_SOLID).fromC()) {
      found.add(cold(at, weld));
    }
    if (!weld.isSealed()) {
      found.add(
          Finding.of(FindingKind.COPPER_UNSEALED, Severity.WARNING, at.stage())
              .about(names(at))
              .instead(weld.withProtection(AtmosphereProtection.SEALED))
              .found());
    }
    found.addAll(oneHeat(at, weld));
    return found;
  }

  private static List<Finding> molten(StepContext at, SetWeld weld) {
    List<Finding> found = new ArrayList<>();
    double planned = weld.temperatureC();
    if (planned < window(Method.COPPER_MOLTEN).fromC()) {
      found.add(cold(at, weld));
    } else if (planned > window(Method.COPPER_MOLTEN).toC()) {
      found.add(
          Finding.of(FindingKind.COPPER_MOLTEN_HOT, Severity.WARNING, at.stage())
              .safety()
              .about(names(at))
              .against(planned, window(Method.COPPER_MOLTEN).toC())
              .figures(
                  "planned", Quantity.celsius(planned),
                  "limit", Quantity.celsius(window(Method.COPPER_MOLTEN).toC()),
                  "setting", Quantity.celsius(window(Method.COPPER_MOLTEN).settingC()))
              .instead(weld.withTemperatureC(window(Method.COPPER_MOLTEN).settingC()))
              .found());
    }
    if (weld.reductionPerHeat() > HARD_SQUEEZE + 1e-9) {
      Finding.Builder thrown =
          Finding.of(FindingKind.COPPER_SQUEEZED, Severity.WARNING, at.stage())
              .safety()
              .about(names(at))
              .against(weld.reductionPerHeat(), HARD_SQUEEZE)
              .figures(
                  "planned", Quantity.share(weld.reductionPerHeat()),
                  "limit", Quantity.share(HARD_SQUEEZE),
                  "gentle", Quantity.share(GENTLE),
                  "voids", at.before().hasVoids());
      // A gentle squeeze closes no voids.
      found.add(
          at.before().hasVoids()
              ? thrown.found()
              : thrown.instead(weld.withReduction(GENTLE).withHeats(1)).found());
    }
    found.addAll(oneHeat(at, weld));
    return found;
  }

  private static Finding cold(StepContext at, SetWeld weld) {
    double from = window(weld.method()).fromC();
    return Finding.of(FindingKind.COPPER_COLD, Severity.WARNING, at.stage())
        .about(names(at))
        .against(weld.temperatureC(), from)
        .figures(
            "method", weld.method(),
            "planned", Quantity.celsius(weld.temperatureC()),
            "from", Quantity.celsius(from),
            "to", Quantity.celsius(window(weld.method()).toC()),
            "setting", Quantity.celsius(window(weld.method()).settingC()))
        .instead(weld.withTemperatureC(window(weld.method()).settingC()))
        .found();
  }

  private static List<Finding> oneHeat(StepContext at, SetWeld weld) {
    if (weld.heats() == 1) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.COPPER_HEATS, Severity.WARNING, at.stage())
            .about(names(at))
            .against(weld.heats(), 1)
            .figures("heats", weld.heats())
            .instead(weld.withHeats(1))
            .found());
  }

  /** The same weld, its copper kept solid. */
  static SetWeld solidWeld(SetWeld weld) {
    return weld.withMethod(Method.COPPER_SOLID)
        .withTemperatureC(window(Method.COPPER_SOLID).settingC())
        .withProtection(AtmosphereProtection.SEALED)
        .withHeats(1);
  }

  private static String names(StepContext at) {
    return String.join(", ", at.inside().stream().filter(Steel::isCopper).map(Steel::id).toList());
  }

  private static WeldWindow window(Method method) {
    return method.window().orElseThrow();
  }

  private static double solidToC() {
    return window(Method.COPPER_SOLID).toC();
  }
}
