package app.geminal.planner;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;

/** When a task comes, of those that could come next. */
@PlanningEntity
public class TaskRank {
  @PlanningId private int task;

  @PlanningVariable(valueRangeProviderRefs = "ranks")
  private Integer rank = 0;

  /** For Timefold's copies. */
  TaskRank() {}

  TaskRank(int task, int rank) {
    this.task = task;
    this.rank = rank;
  }

  int task() {
    return task;
  }

  int rank() {
    return rank;
  }
}
