package app.geminal.weld;

import app.geminal.validation.Require;

/**
 * How likely all joints of a weld hold.
 *
 * <p>A stated belief, not a measurement, until a shop has a record: before any weld of its own a
 * weld is taken to go right in 95 of 100 for what concerns the whole of it (heat, soak, oxygen,
 * waiting), and each joint in 998 of 1000 for what concerns it alone (a dirty or uneven face). The
 * shop's own record moves the odds of the whole, as {@code evidence.HoldModel} calculates it.
 *
 * @param shift of the log odds by the shop's own record, −20 to 20
 * @param welds how many of the shop's own are in it
 */
public record HoldChance(double shift, int welds) {
  private static final double WHOLE = 0.95;
  private static final double JOINT = 0.998;

  /** Checks every field. */
  public HoldChance {
    Require.number("shift", shift, -20, 20);
    Require.count("welds", welds, 0, Integer.MAX_VALUE);
  }

  /** Before any record. */
  public static HoldChance prior() {
    return new HoldChance(0, 0);
  }

  /** The belief, moved by a record. */
  public static HoldChance moved(double shift, int welds) {
    return new HoldChance(Math.clamp(shift, -20, 20), welds);
  }

  /** Chance of a weld for what concerns the whole of it, 0 to 1. */
  public double whole() {
    return ofJoints(0);
  }

  /** Chance of each joint alone before any record, 0 to 1. */
  public double joint() {
    return JOINT;
  }

  /** That a weld of so many joints holds. */
  public double ofJoints(int joints) {
    double p = WHOLE * Math.pow(JOINT, joints);
    return shift == 0 ? p : 1 / (1 + (1 - p) / p * Math.exp(-shift));
  }
}
