package app.geminal.workplan;

import app.geminal.billet.Run;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.shop.Shop;
import app.geminal.validation.OrderedCopies;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The tasks that are left of billets, from their plans: faces, stacks, heats, cuts, and for a blade
 * hardening, tempering and etching.
 *
 * <p>A heat is minutes in the forge and then hands at the press or anvil, and the next begins at
 * once. The first heat of every task is counted from cold, since what comes before it may be on
 * another day. How long a bar cools until it can be sawn is the heat model's, for that section.
 *
 * @param shop whose task times they have
 * @param rules of the shop
 * @param heatPlanner that knows the soaks
 * @param pace what is known of how long work really takes
 */
public record BilletTasks(Shop shop, WorkRules rules, HeatPlanner heatPlanner, TaskPace pace) {

  /**
   * What was done of a billet.
   *
   * @param steps paths of steps that were reported done
   * @param tasksMin when tasks that are no whole step were done, by id; minutes of the plan, below
   *     0 for days before it
   */
  public record DoneSoFar(Set<String> steps, Map<String, Integer> tasksMin) {
    /** Nothing. */
    public static final DoneSoFar NOTHING = new DoneSoFar(Set.of(), Map.of());

    /** Copies both. */
    public DoneSoFar {
      steps = OrderedCopies.copyOf(steps);
      tasksMin = OrderedCopies.copyOf(tasksMin);
    }
  }

  /**
   * What is left of a billet.
   *
   * @param dueOn the last day it may be finished on; null where there is none
   * @param run its plan worked through
   * @param done what was done already
   */
  public Job job(long billetId, String name, @Nullable LocalDate dueOn, Run run, DoneSoFar done) {
    return new TasksOfBillet(this, billetId, run, done).job(name, dueOn);
  }
}
