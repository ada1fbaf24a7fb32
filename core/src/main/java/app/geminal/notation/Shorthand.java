package app.geminal.notation;

import app.geminal.billet.Plan;
import app.geminal.operation.Operation;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;

/** Writes plans as one line and reads them back. */
public final class Shorthand {
  private Shorthand() {}

  /**
   * One line for a plan; {@link #parse} with the same units and practice gives an equal plan, but
   * for the steps' keys and where parts came from.
   */
  public static String format(Plan plan, UnitSystem units, ShopDefaults defaults) {
    return new PlanNotation(new Reading(units, defaults, false)).write(plan);
  }

  /**
   * The line as a smith reads it: figures at the precision of the shop. {@link #parse(String,
   * UnitSystem, ShopDefaults, Plan)} takes it back without moving what was not edited.
   */
  public static String show(Plan plan, UnitSystem units, ShopDefaults defaults) {
    return new PlanNotation(new Reading(units, defaults, true)).write(plan);
  }

  /** The words for one step, as a smith reads them. */
  public static String show(Operation operation, UnitSystem units, ShopDefaults defaults) {
    return new PlanNotation(new Reading(units, defaults, true)).steps().write(operation);
  }

  /**
   * Reads a line.
   *
   * @param line shorthand, at most 20 000 characters
   * @param units meant where a length or temperature carries none
   * @param defaults fills in what the line leaves out
   * @throws ShorthandError with the place, when it cannot be read
   */
  public static Plan parse(String line, UnitSystem units, ShopDefaults defaults) {
    return new PlanNotation(new Reading(units, defaults, false)).read(line);
  }

  /**
   * Reads a line that {@link #show} wrote and someone edited. Pieces and steps whose words are
   * still the same keep the exact figures of the plan that was shown.
   *
   * @param shown the plan the line was written from
   * @throws ShorthandError with the place, when it cannot be read
   */
  public static Plan parse(String line, UnitSystem units, ShopDefaults defaults, Plan shown) {
    return new ShownPlan(new PlanNotation(new Reading(units, defaults, true)))
        .keepExact(parse(line, units, defaults), shown)
        .withKeysOf(shown);
  }

  /**
   * Reads one step.
   *
   * @throws ShorthandError with the place, when it cannot be read
   */
  public static Operation parseStep(String words, UnitSystem units, ShopDefaults defaults) {
    return new PlanNotation(new Reading(units, defaults, false))
        .steps()
        .read(new Span(words, 0).stripped());
  }
}
