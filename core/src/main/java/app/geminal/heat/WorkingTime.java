package app.geminal.heat;

import app.geminal.validation.Require;

/**
 * Seconds left after a bar has left the fire until it is too cold to weld, by {@link BarHeat}:
 * first in open air, then, once the dies are on it, chilled from above and below.
 *
 * <p>The floor is what the steels weld at. Skin is the middle of the colder face that can be seen;
 * the outer joint is one piece deep under the upper face. Still air; a draught or a long walk costs
 * more.
 *
 * @param skinS until the skin is under the floor; {@value #LONGEST_S} at most
 * @param jointS until the outer joint is
 * @param diesS seconds the outer joint keeps once cold dies are on it now
 */
public record WorkingTime(double skinS, double jointS, double diesS) {
  /** Longest forecast, s. */
  public static final double LONGEST_S = 180;

  private static final double STEP_S = 0.5;

  /**
   * From now on, the bar being out of the fire.
   *
   * @param floorC under which nothing bonds as it should
   * @param outerMm thickness of the outer piece
   */
  public static WorkingTime of(BarHeat bar, double floorC, double outerMm) {
    Require.temperature("floorC", floorC, 500, 1500);
    Require.lengthUpTo("outerMm", outerMm, 2000);
    BarHeat inAir = bar.copy();
    double skin = -1;
    double joint = -1;
    Surroundings air = Surroundings.air();
    for (double s = 0; s <= LONGEST_S && (skin < 0 || joint < 0); s += STEP_S) {
      skin = skin < 0 && inAir.skinC(air) < floorC ? s : skin;
      joint = joint < 0 && inAir.underTopC(outerMm) < floorC ? s : joint;
      inAir.advance(STEP_S, air);
    }
    return new WorkingTime(
        skin < 0 ? LONGEST_S : skin,
        joint < 0 ? LONGEST_S : joint,
        underDies(bar.copy(), floorC, outerMm));
  }

  private static double underDies(BarHeat bar, double floorC, double outerMm) {
    Surroundings dies = Surroundings.air().between(FaceContact.COLD_DIE);
    for (double s = 0; s < LONGEST_S; s += STEP_S) {
      if (bar.underTopC(outerMm) < floorC) {
        return s;
      }
      bar.advance(STEP_S, dies);
    }
    return LONGEST_S;
  }
}
