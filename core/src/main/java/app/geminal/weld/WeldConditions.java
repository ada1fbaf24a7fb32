package app.geminal.weld;

import app.geminal.validation.Require;
import org.jspecify.annotations.Nullable;

/**
 * How a weld was made, as far as it was measured or logged; null is what no one knows.
 *
 * @param floorC coldest welding heat of its steels then, °C
 * @param ceilingC hottest
 * @param soakMin minutes in the fire before the first set
 * @param neededSoakMin minutes to an even core, as calculated then
 * @param waitedS longest time from the fire to the dies, s
 * @param workingS how long the outer joint kept welding heat, s
 * @param heats in which it was set
 * @param forceKn greatest force on it
 * @param reduction of the height over all heats, fraction
 * @param joints it closed; 0 where it is not known
 * @param later whether it is a restack's or a fold's weld, and not the first stack's
 * @param mapChance that all its joints are sound by the weld map of its plan, before it was made; 0
 *     to 1
 */
public record WeldConditions(
    @Nullable Double floorC,
    @Nullable Double ceilingC,
    @Nullable Double soakMin,
    @Nullable Double neededSoakMin,
    @Nullable Double waitedS,
    @Nullable Double workingS,
    @Nullable Integer heats,
    @Nullable Double forceKn,
    @Nullable Double reduction,
    int joints,
    boolean later,
    @Nullable Double mapChance) {

  /** Nothing is known of it. */
  public static final WeldConditions UNKNOWN =
      new WeldConditions(null, null, null, null, null, null, null, null, null, 0, false, null);

  /** Checks every field that is there. */
  public WeldConditions {
    require("floorC", floorC, 0, 2000);
    require("ceilingC", ceilingC, 0, 2000);
    require("soakMin", soakMin, 0, 24 * 60);
    require("neededSoakMin", neededSoakMin, 0, 24 * 60);
    require("waitedS", waitedS, 0, 3600);
    require("workingS", workingS, 0, 3600);
    if (heats != null) {
      Require.count("heats", heats, 1, 60);
    }
    require("forceKn", forceKn, 0, 1e5);
    require("reduction", reduction, 0, 0.9);
    Require.count("joints", joints, 0, 10_000);
    require("mapChance", mapChance, 0, 1);
  }

  private static void require(String field, @Nullable Double value, double least, double most) {
    if (value != null) {
      Require.number(field, value, least, most);
    }
  }

  /** The same, of a weld that closed so many joints. */
  public WeldConditions of(int newJoints, boolean isLater) {
    return with(newJoints, isLater, mapChance);
  }

  /** The same with what its weld map makes of it. */
  public WeldConditions withMap(double chance) {
    return with(joints, later, chance);
  }

  private WeldConditions with(int newJoints, boolean isLater, @Nullable Double chance) {
    return new WeldConditions(
        floorC,
        ceilingC,
        soakMin,
        neededSoakMin,
        waitedS,
        workingS,
        heats,
        forceKn,
        reduction,
        newJoints,
        isLater,
        chance);
  }
}
