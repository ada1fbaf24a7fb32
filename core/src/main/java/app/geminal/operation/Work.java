package app.geminal.operation;

/**
 * What of a step takes a smith's time, besides what its joint faces take.
 *
 * @param welds stacks that are clamped, tacked and welded
 * @param weldMin minutes of them in the fire
 * @param heats at the shop's drawing heat
 * @param cools times a bar has to cool before it can be sawn
 * @param cuts with the saw
 */
public record Work(int welds, double weldMin, int heats, int cools, int cuts) {
  /** None. */
  public static final Work NONE = new Work(0, 0, 0, 0, 0);

  /** Heats at the shop's drawing heat. */
  static Work ofHeats(int heats) {
    return new Work(0, 0, heats, 0, 0);
  }

  /** Saw cuts, the bar cold where it has to cool first. */
  static Work ofCuts(int cools, int cuts) {
    return new Work(0, 0, 0, cools, cuts);
  }

  /** Both. */
  public Work plus(Work other) {
    return new Work(
        welds + other.welds,
        weldMin + other.weldMin,
        heats + other.heats,
        cools + other.cools,
        cuts + other.cuts);
  }
}
