package app.geminal.planner;

import ai.timefold.solver.core.api.score.buildin.bendable.BendableScore;
import ai.timefold.solver.core.api.score.calculator.EasyScoreCalculator;
import app.geminal.workplan.WorkPlanCost;

/** What an order is worth: the cost of its plan. */
public class OrderScore implements EasyScoreCalculator<Order, BendableScore> {
  private static final int ASKED_EVERY = 32;

  private int asked;

  @Override
  public BendableScore calculateScore(Order order) {
    Order.Search search = order.search();
    asked++;
    if (asked % ASKED_EVERY == 0 && !search.shouldContinue().getAsBoolean()) {
      search.end().run();
    }
    return of(search.scale().of(order.plan()));
  }

  static BendableScore of(WorkPlanCost cost) {
    return BendableScore.of(
        new int[] {-cost.unplacedMin()},
        new int[] {-cost.loneHeats(), -cost.lateDays(), -cost.workAndFireMin(), -cost.finishMin()});
  }
}
