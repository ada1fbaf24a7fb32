package app.geminal.planner;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;

/** When a group of tasks comes, of those that could come next. */
@PlanningEntity
public class GroupRank {
  @PlanningId private int group;

  @PlanningVariable(valueRangeProviderRefs = "ranks")
  private Integer rank = 0;

  /** For Timefold's copies. */
  GroupRank() {}

  GroupRank(int group, int rank) {
    this.group = group;
    this.rank = rank;
  }

  int group() {
    return group;
  }

  int rank() {
    return rank;
  }
}
