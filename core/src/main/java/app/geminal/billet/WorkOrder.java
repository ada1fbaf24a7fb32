package app.geminal.billet;

import app.geminal.layup.PartBar;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * The steps of a plan in the order they are worked, those of a part before the bar that it joins,
 * and how far the work has come. A step is done when it was reported, and when a later one of the
 * same bar was: steel that was cut had been drawn. A part is done when the step that lays it is.
 */
public final class WorkOrder {
  private final Set<String> reported;
  private final List<WorkStep> steps = new ArrayList<>();

  private WorkOrder(Set<String> reported) {
    this.reported = reported;
  }

  /**
   * A step to work.
   *
   * @param path names of the parts it is in, then its key
   * @param reported whether it was reported done itself
   * @param done whether it is done
   */
  public record WorkStep(String path, boolean reported, boolean done) {}

  /**
   * The steps of a plan; those left out of it are left out here.
   *
   * @param reported paths of steps that were reported done
   */
  public static List<WorkStep> of(Plan plan, Set<String> reported) {
    WorkOrder order = new WorkOrder(reported);
    order.add(plan, "", false);
    return order.steps;
  }

  private void add(Plan plan, String prefix, boolean whole) {
    int last = -1;
    for (int i = 0; i < plan.steps().size(); i++) {
      if (reported.contains(prefix + plan.steps().get(i).key())) {
        last = i;
      }
    }
    for (Part part : plan.parts()) {
      add(part.plan(), prefix + part.name() + "/", whole || isLaid(plan, part.name(), last));
    }
    for (int i = 0; i < plan.steps().size(); i++) {
      Step step = plan.steps().get(i);
      if (!step.off()) {
        String path = prefix + step.key();
        steps.add(new WorkStep(path, reported.contains(path), whole || i <= last));
      }
    }
  }

  /** Whether one of the steps up to the last that is done lays the part. */
  private static boolean isLaid(Plan plan, String part, int last) {
    return plan.steps().stream()
        .limit(last + 1L)
        .flatMap(s -> s.operation().laid().values().stream())
        .flatMap(List::stream)
        .anyMatch(l -> l instanceof PartBar bar && bar.part().equals(part));
  }
}
