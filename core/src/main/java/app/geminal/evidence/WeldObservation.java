package app.geminal.evidence;

import app.geminal.shop.ShopDefaults;
import app.geminal.validation.OrderedCopies;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A weld of the Book.
 *
 * @param steels designations it joined, empty where no one knows
 * @param temperatureC as read
 * @param smith who made it
 * @param joints what became of each, from the underside; empty where only the whole was judged
 */
public record WeldObservation(
    Set<String> steels,
    AtmosphereProtection protection,
    double temperatureC,
    WeldConditions how,
    String smith,
    WeldOutcome outcome,
    List<WeldOutcome> joints) {
  private static final int USUAL_JOINTS = 4;

  /** A soak of as much more than needed is long. */
  private static final double LONG_SOAK = 1.5;

  /** Copies the lists. */
  public WeldObservation {
    steels = OrderedCopies.copyOf(steels);
    joints = List.copyOf(joints);
  }

  /** A weld as a shop usually makes it, of {@value #USUAL_JOINTS} joints in a restack. */
  public static WeldObservation asUsual(ShopDefaults defaults) {
    return new WeldObservation(
        Set.of(),
        defaults.protection(),
        defaults.weldTemperatureC(),
        WeldConditions.UNKNOWN.of(USUAL_JOINTS, true),
        "",
        WeldOutcome.SUSPECT,
        List.of());
  }

  /** The same made of the pieces of a first stack. */
  public WeldObservation ofFirstStack() {
    return new WeldObservation(
        steels, protection, temperatureC, how.of(how.joints(), false), smith, outcome, joints);
  }

  /** The same with what its weld map makes of it. */
  public WeldObservation withMap(double chance) {
    return new WeldObservation(
        steels, protection, temperatureC, how.withMap(chance), smith, outcome, joints);
  }

  /** Which of a factor's levels it is, empty where no one knows. */
  public Optional<String> level(Factor factor) {
    return switch (factor) {
      case STEELS ->
          steels.isEmpty()
              ? Optional.empty()
              : Optional.of(String.join(" + ", new TreeSet<>(steels)));
      case PROTECTION -> Optional.of(protection.name());
      case HEAT -> heat();
      case SOAK -> soak();
      case RESTACK ->
          how.joints() == 0 ? Optional.empty() : Optional.of(how.later() ? "later" : "first");
      case WAITING -> waiting();
      case SMITH -> Optional.of(smith);
    };
  }

  private Optional<String> heat() {
    Double floor = how.floorC();
    Double ceiling = how.ceilingC();
    if (floor == null || ceiling == null) {
      return Optional.empty();
    }
    double middle = (floor + ceiling) / 2;
    return Optional.of(
        temperatureC < floor
            ? "under"
            : temperatureC > ceiling ? "over" : temperatureC < middle ? "cooler" : "hotter");
  }

  private Optional<String> soak() {
    Double soaked = how.soakMin();
    Double needed = how.neededSoakMin();
    if (soaked == null || needed == null) {
      return Optional.empty();
    }
    return Optional.of(soaked < needed ? "short" : soaked > LONG_SOAK * needed ? "long" : "enough");
  }

  private Optional<String> waiting() {
    Double waited = how.waitedS();
    Double working = how.workingS();
    if (waited == null || working == null) {
      return Optional.empty();
    }
    return Optional.of(waited > working ? "too long" : "in time");
  }
}
