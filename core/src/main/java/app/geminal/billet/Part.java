package app.geminal.billet;

import app.geminal.layup.PartBar;
import app.geminal.validation.Require;
import org.jspecify.annotations.Nullable;

/**
 * Bars made in a Run of their own and laid into this one.
 *
 * @param name what steps of the plan call it
 * @param plan its whole history, from its own stack
 * @param origin the billet it was set aside in, null where it is made for this one
 */
public record Part(String name, Plan plan, @Nullable Origin origin) {

  /** Checks both fields. */
  public Part {
    PartBar.requireName("name", name);
    Require.present("plan", plan);
  }

  /** A part made for this billet. */
  public static Part of(String name, Plan plan) {
    return new Part(name, plan, null);
  }

  /** This part with the keys of an earlier one; with its origin only where it is still that bar. */
  Part keptFrom(Part earlier) {
    Plan keyed = plan.withKeysOf(earlier.plan);
    return new Part(name, keyed, keyed.equals(earlier.plan) ? earlier.origin : null);
  }

  /** The same part, made another way. */
  public Part withPlan(Plan newPlan) {
    return new Part(name, newPlan, origin);
  }
}
