package app.geminal.finding;

import app.geminal.billet.Origin;
import app.geminal.check.Ordered;
import app.geminal.weld.OxygenSchool;
import java.util.Map;
import java.util.Set;

/**
 * What the checks are told from outside the plan.
 *
 * @param welded combinations that were welded here before and held, empty with {@code hasRecord}
 *     false where there is no record yet
 * @param hasRecord whether there is a record to ask at all
 * @param free bars still to be had of each place they were set aside in, this plan's own not
 *     counted
 */
public record Known(Set<Welded> welded, boolean hasRecord, Map<Origin, Integer> free) {

  /** Steels that were welded together, and how oxygen was kept out. */
  public record Welded(Set<String> steels, OxygenSchool school) {
    /** Copies the set. */
    public Welded {
      steels = Ordered.copyOf(steels);
    }
  }

  /** Copies all. */
  public Known {
    welded = Ordered.copyOf(welded);
    free = Ordered.copyOf(free);
  }

  /** Nothing is known but the plan. */
  public static Known nothing() {
    return new Known(Set.of(), false, Map.of());
  }
}
