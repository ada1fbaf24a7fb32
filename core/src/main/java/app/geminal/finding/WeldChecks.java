package app.geminal.finding;

import app.geminal.operation.Operation;
import app.geminal.operation.RollUp;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Limits;
import app.geminal.shop.Tool;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.text.MessageKey;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Checks of a planned set weld against the steels it should join. */
final class WeldChecks {
  /** High carbon, where grain and carbon loss matter: mass %. */
  private static final double HIGH_CARBON_PERCENT = 0.6;

  private static final double FAR_TOO_HOT_C = 1290;
  private static final int FEWEST_HEATS = 2;
  private static final int FEWEST_WITH_VOIDS = 4;

  /** A little more than the voids, so that they are closed when scale has gone off. */
  private static final double TO_BE_SURE = 0.02;

  private static final double MOST_AT_ONCE = 0.49;

  private WeldChecks() {}

  static List<Finding> of(StepContext at, SetWeld weld) {
    if (CopperChecks.concerns(at, weld)) {
      return CopperChecks.of(at, weld);
    }
    List<Finding> found = new ArrayList<>(heat(at, weld));
    if (at.before().loose()) {
      firstSet(at, weld).ifPresent(found::add);
      fewHeats(at, weld).ifPresent(found::add);
    }
    return found;
  }

  static List<Finding> notWelded(StepContext at) {
    boolean voids = at.before().hasVoids();
    if (!at.before().loose() && !voids) {
      return List.of();
    }
    return List.of(
        Finding.of(FindingKind.NOT_WELDED, Severity.ERROR, at.stage())
            .figures("open", voids && !at.before().loose() ? Open.VOIDS : Open.JOINTS)
            .remedy(suited(at).map(Remedy.Before::new))
            .found());
  }

  /**
   * A weld as the shop makes it, at a heat that suits what is in the bars, sealed where nothing
   * else keeps their faces clean, and hard enough to close their voids; empty where no one weld
   * closes them.
   */
  private static Optional<SetWeld> suited(StepContext at) {
    SetWeld made = SetWeld.of(at.shop().defaults());
    boolean seal = at.inside().stream().anyMatch(Steel::weldsOnlySealed);
    SetWeld usual = closing(at, seal ? made.withProtection(AtmosphereProtection.SEALED) : made);
    if (usual.reduction() > MOST_AT_ONCE) {
      return Optional.empty();
    }
    if (CopperChecks.hasCopper(at)) {
      return Optional.of(CopperChecks.solidWeld(usual));
    }
    return Optional.of(
        WeldWindow.sharedBy(at.inside())
            .filter(w -> usual.temperatureC() < w.fromC() || usual.temperatureC() > w.toC())
            .map(w -> usual.withTemperatureC(w.settingC()))
            .orElse(usual));
  }

  private static SetWeld closing(StepContext at, SetWeld usual) {
    if (!at.before().hasVoids()) {
      return usual;
    }
    double voids = Math.ceil((1 - at.before().fill()) * 100) / 100 + TO_BE_SURE;
    return usual
        .withHeats(Math.max(usual.heats(), FEWEST_WITH_VOIDS + 2))
        .withReduction(Math.min(0.5, Math.max(usual.reduction(), voids)));
  }

  private static List<Finding> heat(StepContext at, SetWeld weld) {
    double planned = weld.temperatureC();
    Limits limits = at.limits();
    List<Steel> stacked = at.inside();
    Optional<WeldWindow> window = WeldWindow.sharedBy(stacked);
    Steel softest = stacked.stream().min(Comparator.comparingDouble(Steel::solidusC)).orElseThrow();
    Optional<Remedy> middle =
        window.map(WeldWindow::settingC).map(c -> new Remedy.Instead(weld.withTemperatureC(c)));
    if (planned > softest.solidusC() - limits.meltMarginC()) {
      return List.of(
          Finding.of(FindingKind.ABOVE_SOLIDUS, Severity.ERROR, at.stage())
              .safety()
              .about(softest.id())
              .against(planned, softest.solidusC() - limits.meltMarginC())
              .figures(
                  "steel", softest.id(),
                  "planned", Quantity.celsius(planned),
                  "melts", Quantity.celsius(softest.solidusC()))
              .figures(setting(window))
              .remedy(middle)
              .found());
    }
    if (planned < limits.nothingBondsBelowC()) {
      return List.of(
          cold(at, Severity.ERROR, planned, limits.nothingBondsBelowC(), window, middle));
    }
    if (window.isPresent() && planned < window.get().fromC()) {
      return List.of(cold(at, Severity.WARNING, planned, window.get().fromC(), window, middle));
    }
    boolean highCarbon = stacked.stream().anyMatch(s -> s.carbonPercent() >= HIGH_CARBON_PERCENT);
    if (planned > limits.overheatedAboveC() && highCarbon) {
      boolean far = planned > FAR_TOO_HOT_C;
      return List.of(
          Finding.of(FindingKind.OVERHEATED, Severity.WARNING, at.stage())
              .against(planned, limits.overheatedAboveC())
              .figures(
                  "far", far,
                  "planned", Quantity.celsius(planned),
                  "limit", Quantity.celsius(far ? FAR_TOO_HOT_C : limits.overheatedAboveC()))
              .figures(setting(window))
              .remedy(middle)
              .found());
    }
    return List.of();
  }

  /** The heat that the remedy sets, where the steels share one. */
  private static Map<String, Object> setting(Optional<WeldWindow> window) {
    return window
        .map(w -> MessageKey.figures("setting", Quantity.celsius(w.settingC())))
        .orElse(Map.of());
  }

  /** What is not closed yet. */
  private enum Open {
    JOINTS,
    VOIDS
  }

  private static Finding cold(
      StepContext at,
      Severity severity,
      double planned,
      double floor,
      Optional<WeldWindow> window,
      Optional<Remedy> middle) {
    return Finding.of(FindingKind.COLD_FOR_STEELS, severity, at.stage())
        .against(planned, floor)
        .figures(
            "severity", severity,
            "planned", Quantity.celsius(planned),
            "limit", Quantity.celsius(floor))
        .figures(setting(window))
        .remedy(middle)
        .found();
  }

  private static Optional<Finding> firstSet(StepContext at, SetWeld weld) {
    double limit = at.limits().firstSetReduction();
    if (weld.tool() == Tool.ROUND) {
      return Optional.of(
          Finding.of(FindingKind.FIRST_SET_NARROW_DIES, Severity.WARNING, at.stage())
              .instead(weld.withTool(Tool.FLAT))
              .found());
    }
    if (weld.reductionPerHeat() <= limit || at.before().hasVoids()) {
      return Optional.empty();
    }
    int heats = weld.heats();
    while (weld.withHeats(heats).reductionPerHeat() > limit && heats < 20) {
      heats++;
    }
    return Optional.of(
        Finding.of(FindingKind.FIRST_SET_TOO_HARD, Severity.WARNING, at.stage())
            .against(weld.reductionPerHeat(), limit)
            .figures(
                "planned", Quantity.share(weld.reductionPerHeat()),
                "limit", Quantity.share(limit),
                "heats", heats)
            .instead(weld.withHeats(heats))
            .found());
  }

  private static Optional<Finding> fewHeats(StepContext at, SetWeld weld) {
    Optional<Operation> laidBy = at.laidBy();
    boolean rolled = laidBy.isPresent() && laidBy.get() instanceof RollUp;
    boolean slow = rolled || at.before().hasVoids();
    int fewest = slow ? FEWEST_WITH_VOIDS : FEWEST_HEATS;
    if (weld.heats() >= fewest) {
      return Optional.empty();
    }
    int better = slow ? FEWEST_WITH_VOIDS + 2 : FEWEST_HEATS + 1;
    return Optional.of(
        Finding.of(FindingKind.FEW_SETTING_HEATS, Severity.WARNING, at.stage())
            .against(weld.heats(), fewest)
            .figures("heats", weld.heats(), "slow", slow, "fewest", fewest, "better", better)
            .instead(weld.withHeats(better))
            .found());
  }
}
