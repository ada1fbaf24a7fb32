package app.geminal.planner;

import ai.timefold.solver.core.api.domain.solution.PlanningEntityCollectionProperty;
import ai.timefold.solver.core.api.domain.solution.PlanningScore;
import ai.timefold.solver.core.api.domain.solution.PlanningSolution;
import ai.timefold.solver.core.api.domain.solution.ProblemFactProperty;
import ai.timefold.solver.core.api.domain.valuerange.CountableValueRange;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeFactory;
import ai.timefold.solver.core.api.domain.valuerange.ValueRangeProvider;
import ai.timefold.solver.core.api.score.buildin.bendable.BendableScore;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkPlanBuilder;
import app.geminal.workplan.WorkPlanCost;
import app.geminal.workplan.WorkQuestion;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** An order that is tried: ranks of the tasks, and the days on which the forge is lit. */
@PlanningSolution
public class Order {
  /** What does not change while one question is searched. */
  record Search(
      WorkPlanBuilder builder,
      WorkPlanCost.Scale scale,
      BooleanSupplier shouldContinue,
      Runnable end) {}

  @ProblemFactProperty private @Nullable Search search;

  @PlanningEntityCollectionProperty private List<TaskRank> ranks = new ArrayList<>();
  @PlanningEntityCollectionProperty private List<ForgeDay> days = new ArrayList<>();

  /** Written and read by Timefold. */
  @SuppressWarnings("UnusedVariable")
  @PlanningScore(bendableHardLevelsSize = 1, bendableSoftLevelsSize = 4)
  private @Nullable BendableScore score;

  /** For Timefold's copies. */
  Order() {}

  Order(Search search, WorkQuestion question, List<Integer> first) {
    this.search = search;
    for (int task = 0; task < first.size(); task++) {
      ranks.add(new TaskRank(task, first.get(task)));
    }
    for (int day = 0; day < question.days(); day++) {
      days.add(new ForgeDay(day));
    }
  }

  /** As many ranks as there are tasks. */
  @ValueRangeProvider(id = "ranks")
  CountableValueRange<Integer> rankRange() {
    return ValueRangeFactory.createIntValueRange(0, Math.max(1, ranks.size()));
  }

  /** Lit or not. */
  @ValueRangeProvider(id = "lit")
  CountableValueRange<Boolean> litRange() {
    return ValueRangeFactory.createBooleanValueRange();
  }

  Search search() {
    if (search == null) {
      throw new IllegalStateException("An order without its question.");
    }
    return search;
  }

  /** The plan that comes of it. */
  WorkPlan plan() {
    List<Integer> rank = new ArrayList<>(Collections.nCopies(ranks.size(), 0));
    ranks.forEach(r -> rank.set(r.task(), r.rank()));
    List<Boolean> lit = new ArrayList<>(Collections.nCopies(days.size(), true));
    days.forEach(d -> lit.set(d.day(), d.lit()));
    return search().builder().build(rank, lit);
  }

  static List<Integer> inOrder(int tasks) {
    return IntStream.range(0, tasks).boxed().toList();
  }
}
