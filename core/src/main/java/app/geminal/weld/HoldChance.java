package app.geminal.weld;

import app.geminal.check.Require;

/**
 * How likely all joints of a weld hold.
 *
 * <p>A stated belief, not a measurement, until a shop has a record: before any weld of its own a
 * weld is taken to go right in 95 of 100 for what concerns the whole of it (heat, soak, oxygen,
 * waiting), which weighs as much as twenty welds, and each joint in 998 of 1000 for what concerns
 * it alone (a dirty or uneven face). The shop's own welds move the first figure; the second stays,
 * because the Book does not yet know which joint it was. A joint's neighbours, the steels, first or
 * later weld make no difference here.
 *
 * @param whole chance of what concerns the whole weld, 0 to 1
 * @param joint chance of each joint alone, 0 to 1
 * @param welds how many of the shop's own are in it
 */
public record HoldChance(double whole, double joint, int welds) {
  private static final double PRIOR_HELD = 19;
  private static final double PRIOR_WELDS = 20;
  private static final double JOINT = 0.998;

  /** Checks every field. */
  public HoldChance {
    Require.number("whole", whole, 0, 1, "");
    Require.number("joint", joint, 0, 1, "");
    Require.number("welds", welds, 0, 1e9, "");
  }

  /** The belief, moved by so many welds made and held. */
  public static HoldChance of(int made, int held) {
    Require.number("made", made, 0, 1e9, "");
    Require.number("held", held, 0, made, "");
    return new HoldChance((PRIOR_HELD + held) / (PRIOR_WELDS + made), JOINT, made);
  }

  /** Before any record. */
  public static HoldChance prior() {
    return of(0, 0);
  }

  /** That a weld of so many joints holds. */
  public double ofJoints(int joints) {
    return whole * Math.pow(joint, joints);
  }
}
