package app.geminal.planner;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.workplan.RandomShops;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkPlanChecker;
import app.geminal.workplan.WorkPlanCost;
import app.geminal.workplan.WorkPlanner;
import app.geminal.workplan.WorkQuestion;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class TimefoldWorkPlannerTest {
  private static final WorkPlanner PLANNER = new TimefoldWorkPlanner();

  private static WorkPlan plan(WorkQuestion question, int steps) {
    return PLANNER.plan(question, new WorkPlanner.Effort(1, steps, 60_000), () -> true, plan -> {});
  }

  @Test
  void eachPlanIsBetterThanTheOneBeforeAndKeepsTheRules() {
    WorkQuestion question = RandomShops.of(5, 6, 14);
    WorkPlanCost.Scale scale = new WorkPlanCost.Scale(question);
    List<WorkPlan> seen = new ArrayList<>();
    WorkPlan last =
        PLANNER.plan(question, new WorkPlanner.Effort(1, 1000, 60_000), () -> true, seen::add);
    assertThat(seen).hasSizeGreaterThan(2);
    for (int i = 1; i < seen.size(); i++) {
      assertThat(scale.of(seen.get(i))).isLessThanOrEqualTo(scale.of(seen.get(i - 1)));
    }
    assertThat(scale.of(last)).isEqualTo(scale.of(seen.getLast()));
    assertThat(scale.of(last)).isLessThan(scale.of(seen.getFirst()));
    assertThat(WorkPlanChecker.broken(last, question)).isEmpty();
  }

  @Test
  void theSameSeedAndStepsAreTheSamePlan() {
    WorkQuestion question = RandomShops.of(8, 5, 14);
    assertThat(plan(question, 500)).isEqualTo(plan(question, 500));
  }

  @Test
  void itEndsWhenNoOneWaitsForIt() {
    AtomicInteger asked = new AtomicInteger();
    WorkPlan plan =
        PLANNER.plan(
            RandomShops.of(5, 6, 14),
            new WorkPlanner.Effort(1, 10_000_000, 600_000),
            () -> asked.incrementAndGet() < 5,
            p -> {});
    assertThat(plan.placed()).isNotEmpty();
    assertThat(asked.get()).isLessThan(50);
  }
}
