package app.geminal.finding;

import app.geminal.operation.Operation;
import app.geminal.operation.RollUp;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Limits;
import app.geminal.shop.Tool;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Checks of a planned set weld against the steels it shall join. */
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

  static List<Finding> of(At at, SetWeld weld) {
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

  static List<Finding> notSet(At at, String doing) {
    boolean voids = at.before().hasVoids();
    if (!at.before().loose() && !voids) {
      return List.of();
    }
    return List.of(
        Finding.of("not-set", Strength.WILL_FAIL, at.stage())
            .what(
                voids && !at.before().loose()
                    ? doing + " comes before the voids are closed."
                    : doing + " comes before the joints are set.")
            .why("Pieces that are not welded slide and open.")
            .remedy(suited(at).map(weld -> new Remedy("Set it first", new Remedy.Before(weld))))
            .mend("Put a set weld before this step, and check the joints after it."));
  }

  /**
   * A weld as the shop makes it, at a heat that suits what is in the bars, sealed where nothing
   * else keeps their faces clean, and hard enough to close their voids; empty where no one weld
   * closes them.
   */
  private static Optional<SetWeld> suited(At at) {
    SetWeld made = SetWeld.of(at.shop().practice());
    boolean seal = at.inside().stream().anyMatch(Steel::weldsOnlySealed);
    SetWeld usual = closing(at, seal ? made.withSchool(OxygenSchool.SEALED) : made);
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

  private static SetWeld closing(At at, SetWeld usual) {
    if (!at.before().hasVoids()) {
      return usual;
    }
    double voids = Math.ceil((1 - at.before().fill()) * 100) / 100 + TO_BE_SURE;
    return usual
        .withHeats(Math.max(usual.heats(), FEWEST_WITH_VOIDS + 2))
        .withReduction(Math.min(0.5, Math.max(usual.reduction(), voids)));
  }

  private static List<Finding> heat(At at, SetWeld weld) {
    double planned = weld.temperatureC();
    Limits limits = at.limits();
    List<Steel> stacked = at.inside();
    Optional<WeldWindow> window = WeldWindow.sharedBy(stacked);
    Steel softest = stacked.stream().min(Comparator.comparingDouble(Steel::solidusC)).orElseThrow();
    Optional<Remedy> middle =
        window
            .map(WeldWindow::settingC)
            .map(c ->
                new Remedy(
                    "Weld at " + Measure.celsius(c), new Remedy.Instead(weld.withTemperatureC(c))));
    if (planned > softest.solidusC() - limits.meltMarginC()) {
      return List.of(
          Finding.of("above-solidus", Strength.WILL_FAIL, at.stage())
              .hazard()
              .about(softest.id())
              .against(planned, softest.solidusC() - limits.meltMarginC())
              .what("%s begins to melt.", softest.id())
              .why(
                  "Planned %s; %s starts to melt at about %s. Metal may run, or be thrown by the press.",
                  Measure.celsius(planned), softest.id(), Measure.celsius(softest.solidusC()))
              .remedy(middle)
              .mend("Weld cooler."));
    }
    if (planned < limits.nothingBondsBelowC()) {
      return List.of(cold(at, Strength.WILL_FAIL, planned, limits.nothingBondsBelowC(), middle));
    }
    if (window.isPresent() && planned < window.get().fromC()) {
      return List.of(cold(at, Strength.AT_RISK, planned, window.get().fromC(), middle));
    }
    boolean highCarbon = stacked.stream().anyMatch(s -> s.carbonPercent() >= HIGH_CARBON_PERCENT);
    if (planned > limits.overheatedAboveC() && highCarbon) {
      boolean far = planned > FAR_TOO_HOT_C;
      return List.of(
          Finding.of("overheated", Strength.AT_RISK, at.stage())
              .against(planned, limits.overheatedAboveC())
              .what(far ? "Far too hot for high-carbon steel." : "Hot for high-carbon steel.")
              .why(
                  far
                      ? "Planned %s; past %s grains begin to melt at their seams, and no later heat mends that."
                      : "Planned %s; above %s grain coarsens and carbon burns out.",
                  Measure.celsius(planned),
                  Measure.celsius(far ? FAR_TOO_HOT_C : limits.overheatedAboveC()))
              .remedy(middle)
              .mend("Weld cooler; some smiths weld hotter and quicker on purpose."));
    }
    return List.of();
  }

  private static Finding cold(
      At at, Strength strength, double planned, double floor, Optional<Remedy> middle) {
    return Finding.of("below-welding-heat", strength, at.stage())
        .against(planned, floor)
        .what(strength == Strength.WILL_FAIL ? "Too cold to bond." : "Cold for these steels.")
        .why("Planned %s; it wants at least %s.", Measure.celsius(planned), Measure.celsius(floor))
        .remedy(middle)
        .mend("Weld hotter.");
  }

  private static Optional<Finding> firstSet(At at, SetWeld weld) {
    double limit = at.limits().firstSetReduction();
    if (weld.tool() == Tool.ROUND) {
      return Optional.of(
          Finding.of("first-set-too-hard", Strength.AT_RISK, at.stage())
              .what("Narrow dies on the first set.")
              .why("Round dies bite in one place; the sides split there before the face is set.")
              .instead("Set with flat dies", weld.withTool(Tool.FLAT))
              .mend("Set with the widest flat dies, the whole face at once."));
    }
    if (weld.reductionPerHeat() <= limit || at.before().hasVoids()) {
      return Optional.empty();
    }
    int heats = weld.heats();
    while (weld.withHeats(heats).reductionPerHeat() > limit && heats < 20) {
      heats++;
    }
    return Optional.of(
        Finding.of("first-set-too-hard", Strength.AT_RISK, at.stage())
            .against(weld.reductionPerHeat(), limit)
            .what("The first squeeze is hard.")
            .why(
                "%.0f %% of the height in one heat; over %.0f %% the sides split.",
                weld.reductionPerHeat() * 100, limit * 100)
            .instead(Text.of("Take %d heats", heats), weld.withHeats(heats))
            .mend("Spread it over more heats."));
  }

  private static Optional<Finding> fewHeats(At at, SetWeld weld) {
    Optional<Operation> laidBy = at.laidBy();
    boolean rolled = laidBy.isPresent() && laidBy.get() instanceof RollUp;
    boolean slow = rolled || at.before().hasVoids();
    int fewest = slow ? FEWEST_WITH_VOIDS : FEWEST_HEATS;
    if (weld.heats() >= fewest) {
      return Optional.empty();
    }
    int better = slow ? FEWEST_WITH_VOIDS + 2 : FEWEST_HEATS + 1;
    return Optional.of(
        Finding.of("few-setting-heats", Strength.AT_RISK, at.stage())
            .against(weld.heats(), fewest)
            .what(
                weld.heats() == 1
                    ? "One setting heat is few."
                    : Text.of("%d setting heats are few.", weld.heats()))
            .why(
                slow
                    ? Text.of(
                        "A roll or a bundle full of voids closes a little in each heat; under %d it stays open inside.",
                        fewest)
                    : "Fewer than two leaves no second chance for a joint that was a little cold.")
            .instead(Text.of("Make it %d", better), weld.withHeats(better))
            .mend(slow ? "Many light heats, worked round." : "Plan two or three light ones."));
  }
}
