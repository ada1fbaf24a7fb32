package app.geminal.planner;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.workplan.LeastPossible;
import app.geminal.workplan.RandomShops;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkPlanChecker;
import app.geminal.workplan.WorkPlanCost;
import app.geminal.workplan.WorkPlanner;
import app.geminal.workplan.WorkQuestion;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Plans of many shops, held against what is possible at best. */
class ManyShopsTest {
  private static final int SHOPS = Integer.getInteger("geminal.shops", 24);
  private static final int STEPS = Integer.getInteger("geminal.steps", 1500);

  /**
   * A plan beside the least that is possible.
   *
   * @param work minutes someone is at the shop until the end, over the least
   * @param fire minutes the forge burns, over the least
   * @param both their sum, over the sum of both
   */
  private record Gap(double work, double fire, double both, int unplaced, int late) {}

  private static Gap gap(long seed) {
    WorkQuestion question = RandomShops.of(seed, 2 + (int) (seed % 6), 21);
    WorkPlan plan =
        new TimefoldWorkPlanner()
            .plan(question, new WorkPlanner.Effort(seed, STEPS, 600_000), () -> true, p -> {});
    assertThat(WorkPlanChecker.broken(plan, question)).as("shop %s", seed).isEmpty();
    LeastPossible least = LeastPossible.of(question);
    WorkPlanCost.Scale scale = new WorkPlanCost.Scale(question);
    WorkPlanCost cost = scale.of(plan);
    double work = scale.openMin(plan.endMin());
    double fire = plan.forgeOnMin();
    return new Gap(
        work / least.workMin() - 1,
        fire / least.fireMin() - 1,
        (work + fire) / (least.workMin() + least.fireMin()) - 1,
        cost.unplacedMin(),
        cost.lateDays());
  }

  @Test
  void plansAreNearWhatIsPossible() {
    List<Gap> gaps = IntStream.range(0, SHOPS).parallel().mapToObj(ManyShopsTest::gap).toList();
    List<Gap> whole = gaps.stream().filter(g -> g.unplaced() == 0).toList();
    double both = median(whole.stream().mapToDouble(Gap::both).toArray());
    System.out.printf(
        Locale.ROOT,
        "measured: %d shops, %d with everything placed, gap of work %.3f, of fire %.3f, of both %.3f%n",
        SHOPS,
        whole.size(),
        median(whole.stream().mapToDouble(Gap::work).toArray()),
        median(whole.stream().mapToDouble(Gap::fire).toArray()),
        both);
    assertThat(whole.size()).isGreaterThanOrEqualTo(SHOPS * 3 / 4);
    // The least does not know that an evening has room for the faces of one stack only.
    assertThat(both).isLessThan(0.5);
  }

  private static double median(double[] of) {
    return IntStream.of(of.length / 2)
        .mapToDouble(i -> java.util.Arrays.stream(of).sorted().toArray()[i])
        .sum();
  }
}
