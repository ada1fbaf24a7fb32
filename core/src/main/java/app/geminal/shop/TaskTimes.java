package app.geminal.shop;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * How long the shop's work takes and what it burns, for calculation a day; each a plain mean of one
 * smith's, to be replaced by the shop's own.
 *
 * @param facePrepMin grinding and degreasing one joint face, minutes; 0 to 240
 * @param stackMin clamping, tacking and handling one stack, minutes; 0 to 600
 * @param sawMin one saw cut, minutes; 0 to 240
 * @param coolMin a bar cooling until it can be sawn and ground, minutes; 0 to 1440
 * @param drawPerHeat of the section one drawing heat takes down, fraction; 0.02 to 0.9
 * @param gasKgHour fuel an hour of fire burns, kg; 0 to 100
 */
public record TaskTimes(
    double facePrepMin,
    double stackMin,
    double sawMin,
    double coolMin,
    double drawPerHeat,
    double gasKgHour) {
  private static final double ROUNDING = 1e-9;

  /** Checks every field. */
  public TaskTimes {
    Require.minutes("facePrepMin", facePrepMin, 0, 240);
    Require.minutes("stackMin", stackMin, 0, 600);
    Require.minutes("sawMin", sawMin, 0, 240);
    Require.minutes("coolMin", coolMin, 0, 1440);
    Require.number("drawPerHeat", drawPerHeat, 0.02, 0.9);
    Require.quantity(QuantityKind.MASS_FLOW, "gasKgHour", gasKgHour, 0, 100);
  }

  /** Where a shop starts before it has looked at the clock. */
  public static TaskTimes common() {
    return new TaskTimes(4, 20, 4, 45, 0.25, 1.2);
  }

  /**
   * Heats it takes to draw one section down to another, at least 1: each takes the same part of
   * what is there. Both above 0.
   */
  public int drawHeats(double fromMm2, double toMm2) {
    int heats = 1;
    double left = fromMm2 * (1 - drawPerHeat);
    while (left > toMm2 * (1 + ROUNDING)) {
      left *= 1 - drawPerHeat;
      heats++;
    }
    return heats;
  }
}
