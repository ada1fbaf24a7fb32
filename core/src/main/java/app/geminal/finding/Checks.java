package app.geminal.finding;

import app.geminal.billet.Run;
import app.geminal.operation.Heated;
import app.geminal.operation.Hollowed;
import app.geminal.operation.Operation;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Runs every check on a worked-through plan. Parts are checked as Runs of their own. */
public final class Checks {
  private Checks() {}

  /** All findings, safety first, then by severity, then down the Run. */
  public static List<Finding> of(Run run, Steels steels, Shop shop, ShopKnowledge known) {
    List<Finding> found = new ArrayList<>();
    found.addAll(StackChecks.of(run, shop));
    found.addAll(CoatingChecks.of(run));
    for (int i = 0; i < run.stages().size(); i++) {
      if (run.stages().get(i).isOff()) {
        continue;
      }
      found.addAll(LayerChecks.merging(run, i, shop.defaults()));
      found.addAll(LayerChecks.gone(run, i));
      if (i > 0) {
        StepContext at = new StepContext(run, i, shop, steels);
        found.addAll(step(at));
        if (at.operation() instanceof Heated) {
          found.addAll(CopperChecks.heated(at, shop.defaults().drawTemperatureC()));
        }
        found.addAll(MachineChecks.of(at));
        found.addAll(FitChecks.of(at));
      }
    }
    found.addAll(LayerChecks.fineness(run, shop.limits()));
    found.addAll(PairChecks.of(run, steels, shop.defaults(), known));
    found.addAll(PartChecks.of(run, known));
    found.addAll(FinishChecks.of(run, shop));
    found.sort(
        Comparator.comparing((Finding f) -> !f.safety())
            .thenComparing(Finding::severity)
            .thenComparingInt(Finding::stage));
    return List.copyOf(found);
  }

  private static List<Finding> step(StepContext at) {
    Operation operation = at.operation();
    List<Finding> found = new ArrayList<>();
    if (operation.needsSolidBars()) {
      found.addAll(WeldChecks.notWelded(at));
    }
    operation.meeting().ifPresent(meeting -> found.addAll(FaceChecks.of(at, meeting)));
    if (operation instanceof Hollowed hollowed) {
      found.addAll(PatternChecks.hollows(at, hollowed));
    }
    KindChecks.ALL.forEach(checks -> found.addAll(checks.of(at)));
    return found;
  }
}
