package app.geminal.heat;

/** How long a bar cools in still air until it can be handled, by {@link BarHeat}. */
public final class Cooling {
  /** A bar that cold is sawn and ground by hand, °C; a bench rule. */
  public static final double TO_THE_SAW_C = 50;

  private static final double STEP_S = 30;
  private static final double LONGEST_S = 24 * 3600;

  private Cooling() {}

  /**
   * Minutes until all of a bar is colder than a heat, up to a day.
   *
   * @param bar solid, as it comes from the last heat
   * @param fromC what it has all through
   * @param toC warmer than the air, which has 20 °C
   */
  public static double minutes(BarHeat.Of bar, double fromC, double toC) {
    BarHeat heat = new BarHeat(bar, fromC, BarHeat.Cells.PLANNING.inSteps(STEP_S), SteelHeat.STEEL);
    Surroundings air = Surroundings.air();
    double seconds = 0;
    while (seconds < LONGEST_S && heat.hottestC() > toC) {
      heat.advanceIn(1, STEP_S, air);
      seconds += STEP_S;
    }
    return seconds / 60;
  }
}
