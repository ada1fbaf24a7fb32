package app.geminal.workplan;

import app.geminal.validation.Require;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** Finds a good work plan. */
public interface WorkPlanner {

  /**
   * How hard it is looked for.
   *
   * @param seed of what is tried by chance
   * @param steps changes that are taken at the most, 1 to 10 million; the same seed and steps give
   *     the same plan on every machine where the time is not used up
   * @param mostMs milliseconds at the most, 1 to 600 000
   */
  record Effort(long seed, int steps, int mostMs) {
    /** Checks every field. */
    public Effort {
      Require.count("steps", steps, 1, 10_000_000);
      Require.count("mostMs", mostMs, 1, 600_000);
    }
  }

  /**
   * The best plan that is found.
   *
   * @param shouldContinue asked often; the best plan so far is the answer once it says no
   * @param better receives each plan that is better than those before it
   */
  WorkPlan plan(
      WorkQuestion question,
      Effort effort,
      BooleanSupplier shouldContinue,
      Consumer<WorkPlan> better);
}
