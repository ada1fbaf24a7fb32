package app.geminal.finding;

import app.geminal.billet.Origin;
import app.geminal.validation.OrderedCopies;
import app.geminal.weld.AtmosphereProtection;
import java.util.Map;
import java.util.Set;

/**
 * What the checks know from outside the plan.
 *
 * @param welded combinations that were welded here before and held, empty with {@code hasRecord}
 *     false where there is no record yet
 * @param hasRecord whether there is a record to ask at all
 * @param free bars still to be had of each place they were set aside in, this plan's own not
 *     counted
 */
public record ShopKnowledge(Set<Welded> welded, boolean hasRecord, Map<Origin, Integer> free) {

  /** Steels that were welded together, and how oxygen was kept out. */
  public record Welded(Set<String> steels, AtmosphereProtection protection) {
    /** Copies the set. */
    public Welded {
      steels = OrderedCopies.copyOf(steels);
    }
  }

  /** Copies all. */
  public ShopKnowledge {
    welded = OrderedCopies.copyOf(welded);
    free = OrderedCopies.copyOf(free);
  }

  /** Nothing is known but the plan. */
  public static ShopKnowledge nothing() {
    return new ShopKnowledge(Set.of(), false, Map.of());
  }
}
