package app.geminal.planner;

import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchType;
import ai.timefold.solver.core.config.score.director.ScoreDirectorFactoryConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkPlanBuilder;
import app.geminal.workplan.WorkPlanCost;
import app.geminal.workplan.WorkPlanner;
import app.geminal.workplan.WorkQuestion;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Tries orders by local search: ranks are changed and swapped, days with the forge lit are changed.
 * One thread; the same seed and steps give the same plan where the time is not used up.
 */
public final class TimefoldWorkPlanner implements WorkPlanner {
  @Override
  public WorkPlan plan(
      WorkQuestion question,
      Effort effort,
      BooleanSupplier shouldContinue,
      Consumer<WorkPlan> better) {
    WorkPlanBuilder builder = new WorkPlanBuilder(question);
    AtomicReference<@Nullable Solver<Order>> running = new AtomicReference<>();
    Runnable end =
        () -> {
          Solver<Order> solver = running.get();
          if (solver != null) {
            solver.terminateEarly();
          }
        };
    Order first =
        new Order(
            new Order.Search(builder, new WorkPlanCost.Scale(question), shouldContinue, end),
            question,
            Order.inOrder(builder.tasks()));
    WorkPlan begin = first.plan();
    better.accept(begin);
    if (builder.tasks() < 2 || !shouldContinue.getAsBoolean()) {
      return begin;
    }
    Solver<Order> solver = SolverFactory.<Order>create(config(effort)).buildSolver();
    running.set(solver);
    solver.addEventListener(event -> better.accept(event.getNewBestSolution().plan()));
    return solver.solve(first).plan();
  }

  private static SolverConfig config(Effort effort) {
    return new SolverConfig()
        .withSolutionClass(Order.class)
        .withEntityClasses(TaskRank.class, ForgeDay.class)
        .withScoreDirectorFactory(
            new ScoreDirectorFactoryConfig().withEasyScoreCalculatorClass(OrderScore.class))
        .withEnvironmentMode(EnvironmentMode.NO_ASSERT)
        .withRandomSeed(effort.seed())
        .withTerminationConfig(
            new TerminationConfig().withMillisecondsSpentLimit((long) effort.mostMs()))
        .withPhases(
            new LocalSearchPhaseConfig()
                .withLocalSearchType(LocalSearchType.LATE_ACCEPTANCE)
                .withTerminationConfig(new TerminationConfig().withStepCountLimit(effort.steps())));
  }
}
