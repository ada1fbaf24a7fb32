package app.geminal.weld;

/**
 * How likely all joints of a weld hold where nothing is known of how it is made.
 *
 * <p>A stated belief, not a measurement: a weld is taken to go right in 95 of 100 for what concerns
 * the whole of it (heat, soak, oxygen, waiting), and each joint in 998 of 1000 for what concerns it
 * alone (a dirty or uneven face). A shop's own record moves it ({@code evidence.HoldModel}); a weld
 * map says it closer.
 */
public final class HoldChance implements WeldChance {
  private static final HoldChance PRIOR = new HoldChance();
  private static final double WHOLE = 0.95;
  private static final double JOINT = 0.998;

  private HoldChance() {}

  /** Before any record. */
  public static HoldChance prior() {
    return PRIOR;
  }

  @Override
  public double of(boolean isRestacked, double heightMm, double lengthMm, int joints) {
    return ofJoints(joints);
  }

  /** That a weld of so many joints holds. */
  public double ofJoints(int joints) {
    return WHOLE * Math.pow(JOINT, joints);
  }
}
