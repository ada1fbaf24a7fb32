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
  public static String format(Plan plan, UnitSystem units, ShopDefaults practice) {
    return new PlanNotation(new Reading(units, practice)).write(plan);
  }

  /** The words for one step, as they stand in the line. */
  public static String format(Operation operation, UnitSystem units, ShopDefaults practice) {
    return new PlanNotation(new Reading(units, practice)).steps().write(operation);
  }

  /**
   * Reads a line.
   *
   * @param line shorthand, at most 20 000 characters
   * @param units meant where a length or temperature carries none
   * @param practice fills in what the line leaves out
   * @throws ShorthandError with the place, when it cannot be read
   */
  public static Plan parse(String line, UnitSystem units, ShopDefaults practice) {
    return new PlanNotation(new Reading(units, practice)).read(line);
  }

  /**
   * Reads one step.
   *
   * @throws ShorthandError with the place, when it cannot be read
   */
  public static Operation parseStep(String words, UnitSystem units, ShopDefaults practice) {
    return new PlanNotation(new Reading(units, practice))
        .steps()
        .read(new Span(words, 0).stripped());
  }
}
