package app.geminal.finding;

import app.geminal.billet.Stage;
import app.geminal.operation.SetWeld;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import app.geminal.units.Measure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Checks of a planned set weld against the steels it shall join. */
final class WeldChecks {
  /** High carbon, where grain and carbon loss matter: mass %. */
  private static final double HIGH_CARBON_PERCENT = 0.6;

  private static final int FEWEST_HEATS = 2;

  private WeldChecks() {}

  static List<Finding> of(int stage, SetWeld weld, Stage before, Steels steels, Limits limits) {
    List<Steel> stacked =
        before.bars().layers().thicknessBySteel().keySet().stream().map(steels::get).toList();
    List<Finding> found = new ArrayList<>();
    Optional<WeldWindow> window = sharedWindow(stacked);
    found.addAll(heat(stage, weld, stacked, window, limits));
    if (weld.reductionPerHeat() > limits.firstSetReduction() && before.bars().loose()) {
      found.add(tooHard(stage, weld, limits));
    }
    if (weld.heats() < FEWEST_HEATS && before.bars().loose()) {
      found.add(
          new Finding(
              "few-setting-heats",
              Strength.AT_RISK,
              false,
              stage,
              "One setting heat is few.",
              "Fewer than two leaves no second chance for a joint that was a little cold.",
              "Plan two or three light ones.",
              Optional.of(new Remedy("Make it 3", weld.withHeats(3)))));
    }
    return found;
  }

  static List<Finding> notSet(int stage, String doing, Stage before) {
    if (!before.bars().loose()) {
      return List.of();
    }
    return List.of(
        new Finding(
            "not-set",
            Strength.WILL_FAIL,
            false,
            stage,
            doing + " comes before the joints are set.",
            "Pieces that are not welded slide and open.",
            "Put a set weld before this step.",
            Optional.empty()));
  }

  private static Optional<WeldWindow> sharedWindow(List<Steel> steels) {
    return steels.stream()
        .map(Steel::weldWindow)
        .reduce((a, b) -> a.flatMap(x -> b.flatMap(x::and)))
        .orElse(Optional.empty());
  }

  private static List<Finding> heat(
      int stage, SetWeld weld, List<Steel> stacked, Optional<WeldWindow> window, Limits limits) {
    double planned = weld.temperatureC();
    Steel softest = stacked.stream().min(Comparator.comparingDouble(Steel::solidusC)).orElseThrow();
    Optional<Remedy> middle =
        window
            .map(w -> Math.rint(w.middleC() / 5) * 5)
            .map(c -> new Remedy("Weld at " + Measure.celsius(c), weld.withTemperatureC(c)));
    if (planned > softest.solidusC() - limits.meltMarginC()) {
      return List.of(
          new Finding(
              "above-solidus",
              Strength.WILL_FAIL,
              true,
              stage,
              "%s begins to melt.".formatted(softest.id()),
              "Planned %s; %s starts to melt at about %s. Metal may run, or be thrown by the press."
                  .formatted(
                      Measure.celsius(planned), softest.id(), Measure.celsius(softest.solidusC())),
              "Weld cooler.",
              middle));
    }
    if (planned < limits.nothingBondsBelowC()) {
      return List.of(cold(stage, Strength.WILL_FAIL, planned, limits.nothingBondsBelowC(), middle));
    }
    if (window.isPresent() && planned < window.get().fromC()) {
      return List.of(cold(stage, Strength.AT_RISK, planned, window.get().fromC(), middle));
    }
    boolean highCarbon = stacked.stream().anyMatch(s -> s.carbonPercent() >= HIGH_CARBON_PERCENT);
    if (planned > limits.overheatedAboveC() && highCarbon) {
      return List.of(
          new Finding(
              "overheated",
              Strength.AT_RISK,
              false,
              stage,
              "Hot for high-carbon steel.",
              "Planned %s; above %s grain coarsens and carbon burns out."
                  .formatted(Measure.celsius(planned), Measure.celsius(limits.overheatedAboveC())),
              "Weld cooler; some smiths weld hotter and quicker on purpose.",
              middle));
    }
    return List.of();
  }

  private static Finding cold(
      int stage, Strength strength, double planned, double floor, Optional<Remedy> middle) {
    return new Finding(
        "below-welding-heat",
        strength,
        false,
        stage,
        strength == Strength.WILL_FAIL ? "Too cold to bond." : "Cold for these steels.",
        "Planned %s; it wants at least %s."
            .formatted(Measure.celsius(planned), Measure.celsius(floor)),
        "Weld hotter.",
        middle);
  }

  private static Finding tooHard(int stage, SetWeld weld, Limits limits) {
    int heats = weld.heats();
    while (weld.withHeats(heats).reductionPerHeat() > limits.firstSetReduction() && heats < 20) {
      heats++;
    }
    return new Finding(
        "first-set-too-hard",
        Strength.AT_RISK,
        false,
        stage,
        "The first squeeze is hard.",
        "%.0f %% of the height in one heat; over %.0f %% the sides split."
            .formatted(weld.reductionPerHeat() * 100, limits.firstSetReduction() * 100),
        "Spread it over more heats.",
        Optional.of(new Remedy("Take %d heats".formatted(heats), weld.withHeats(heats))));
  }
}
