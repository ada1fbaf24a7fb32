package app.geminal.planner;

import ai.timefold.solver.core.api.domain.entity.PlanningEntity;
import ai.timefold.solver.core.api.domain.lookup.PlanningId;
import ai.timefold.solver.core.api.domain.variable.PlanningVariable;

/** Whether the forge is lit on a day. */
@PlanningEntity
public class ForgeDay {
  @PlanningId private int day;

  @PlanningVariable(valueRangeProviderRefs = "lit")
  private Boolean lit = true;

  /** For Timefold's copies. */
  ForgeDay() {}

  ForgeDay(int day) {
    this.day = day;
  }

  int day() {
    return day;
  }

  boolean lit() {
    return lit;
  }
}
