package app.geminal.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Shop;
import app.geminal.text.Topic;
import app.geminal.weld.Method;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.ToDoubleFunction;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** A remedy removes its finding, breaks nothing else, and two findings never contradict. */
class RemediesTest {
  private static final int PLANS = 2000;
  private static final Shop SHOP = Shop.common();

  /** Where and of what a finding is; its figures may change. */
  private record Place(Topic kind, int stage, String about) {
    static Place of(Finding f) {
      return new Place(f.kind(), f.stage(), f.about());
    }
  }

  private static List<Finding> found(Plan plan) {
    Run run = Run.of(plan, TestSteels.ALL, SHOP.defaults());
    return Checks.of(run, TestSteels.ALL, SHOP, ShopKnowledge.nothing());
  }

  @Test
  void aRemedyMakesItsFindingGoAndBringsNoNewError() {
    Set<String> tried = ConcurrentHashMap.newKeySet();
    LongStream.rangeClosed(1, PLANS).parallel().forEach(seed -> tried.addAll(remedied(seed)));
    assertThat(tried)
        .contains(
            "not-set",
            "soak-short",
            "soak-long",
            "face-not-ground",
            "copper-runs",
            "below-welding-heat",
            "above-solidus",
            "few-setting-heats",
            "first-set-too-hard",
            "joints-merge",
            "zinc-or-lead");
  }

  /** Applies every remedy of one plan; families of the findings that had one. */
  private static Set<String> remedied(long seed) {
    Set<String> tried = new HashSet<>();
    Plan plan = RandomPlans.offered(seed);
    List<Finding> before = found(plan);
    int reached = Run.of(plan, TestSteels.ALL, SHOP.defaults()).stages().size() - 1;
    for (Finding f : before) {
      if (f.remedy().isEmpty()) {
        continue;
      }
      Optional<Plan> remedied = applied(plan, f);
      if (remedied.isEmpty()) {
        continue;
      }
      tried.add(f.family());
      int added = f.remedy().get() instanceof Remedy.Before ? 1 : 0;
      List<Finding> after = found(remedied.get());
      assertThat(after)
          .as("seed %d: %s by “%s” in %s", seed, f, f.remedyLabel().orElseThrow(), plan)
          .noneMatch(a -> Place.of(a).equals(moved(Place.of(f), added)));
      List<Finding> fresh =
          after.stream()
              .filter(a -> a.severity() == Severity.ERROR)
              // What was never reached before was not looked at before.
              .filter(a -> a.stage() <= reached + added)
              .filter(a -> before.stream().noneMatch(b -> isThere(b, a, f.stage(), added)))
              .toList();
      assertThat(fresh)
          .as("seed %d: %s by “%s” in %s", seed, f, f.remedyLabel().orElseThrow(), plan)
          .isEmpty();
    }
    return tried;
  }

  /** Whether an error was there before a step was put in, or nothing was. */
  private static boolean isThere(Finding before, Finding after, int from, int added) {
    int stage = before.stage() + (before.stage() >= from ? added : 0);
    return before.severity() == Severity.ERROR
        && before.kind() == after.kind()
        && stage == after.stage();
  }

  private static Place moved(Place place, int by) {
    return new Place(place.kind(), place.stage() + by, place.about());
  }

  @Test
  void noTwoFindingsOfAPlanAskForOppositeChanges() {
    Map<String, ToDoubleFunction<SetWeld>> figures =
        Map.of(
            "heat", SetWeld::temperatureC,
            "soak", SetWeld::soakMin,
            "heats", SetWeld::heats,
            "reduction", SetWeld::reduction);
    int compared = 0;
    for (long seed = 1; seed <= PLANS; seed++) {
      Plan plan = RandomPlans.offered(seed);
      Map<Integer, List<Finding>> atStage = new HashMap<>();
      for (Finding f : found(plan)) {
        if (f.remedy().orElse(null) instanceof Remedy.Instead instead
            && instead.operation() instanceof SetWeld) {
          atStage.computeIfAbsent(f.stage(), _ -> new ArrayList<>()).add(f);
        }
      }
      for (List<Finding> here : atStage.values()) {
        SetWeld planned = (SetWeld) plan.steps().get(here.getFirst().stage() - 1).operation();
        for (var figure : figures.entrySet()) {
          List<Double> ways =
              here.stream()
                  .map(f -> (Remedy.Instead) f.remedy().orElseThrow())
                  .map(i -> figure.getValue().applyAsDouble((SetWeld) i.operation()))
                  .map(v -> Math.signum(v - figure.getValue().applyAsDouble(planned)))
                  .filter(way -> way != 0)
                  .distinct()
                  .toList();
          assertThat(ways)
              .as("seed %d: %s of %s asked both ways by %s", seed, figure.getKey(), planned, here)
              .hasSizeLessThan(2);
          compared += here.size() > 1 ? 1 : 0;
        }
      }
    }
    assertThat(compared).isGreaterThan(500);
  }

  @Test
  void bothWaysWithCopperCanBePlannedWithoutAnError() {
    for (String set :
        List.of(
            "set 1 1000C sealed solid 5%",
            "set 1 1105C molten 4%", "set 1 1105C sealed molten 4%")) {
      List<Finding> found = foundIn("(M 5, Cu 0.5, D 6, Cu 0.5, M 5) 40 x 100 > " + set);
      assertThat(found)
          .as(set)
          .noneMatch(f -> f.severity() == Severity.ERROR)
          .extracting(Finding::family)
          .doesNotContain(
              "below-welding-heat", "few-setting-heats", "no-weld-window", "copper-runs");
    }
  }

  private static List<Finding> foundIn(String line) {
    return found(
        app.geminal.notation.Shorthand.parse(
            line, app.geminal.units.UnitSystem.METRIC, SHOP.defaults()));
  }

  @Test
  void everyWayOfWeldingIsTried() {
    List<Method> tried =
        java.util.stream.LongStream.rangeClosed(1, PLANS)
            .mapToObj(RandomPlans::offered)
            .flatMap(p -> p.steps().stream())
            .map(Step::operation)
            .filter(SetWeld.class::isInstance)
            .map(w -> ((SetWeld) w).method())
            .distinct()
            .toList();
    assertThat(tried).containsExactlyInAnyOrder(Method.values());
  }

  /** The plan with the remedy applied; empty where it cannot be a plan at all. */
  private static Optional<Plan> applied(Plan plan, Finding f) {
    Remedy remedy = f.remedy().orElseThrow();
    List<Step> steps = new ArrayList<>(plan.steps());
    int at = f.stage() - 1;
    return switch (remedy) {
      case Remedy.Instead instead -> {
        Step old = steps.get(at);
        steps.set(at, new Step(old.key(), instead.operation(), old.off(), old.measured()));
        yield Optional.of(new Plan(plan.stack(), steps, plan.parts(), plan.wanted()));
      }
      case Remedy.Before before -> {
        steps.add(at, Step.of("remedied", before.operation()));
        yield Optional.of(new Plan(plan.stack(), steps, plan.parts(), plan.wanted()));
      }
      case Remedy.Restacked restacked ->
          Optional.of(new Plan(restacked.stack(), steps, plan.parts(), plan.wanted()));
    };
  }
}
