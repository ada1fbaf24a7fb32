package app.geminal.simulator;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.FaceContact;
import app.geminal.weldmap.WeldSetup;
import java.util.Random;

/**
 * How one weld really is, hidden from the one who makes it.
 *
 * @param heat how stack and forge take up heat
 * @param faces how the joints are
 * @param dies what the press takes heat with
 * @param flame of the forge until someone changes it
 * @param gapMm width of the gaps before they close
 * @param startUm oxide on each face when it is laid
 */
public record Conditions(
    TrueHeat heat,
    TrueFaces faces,
    FaceContact dies,
    Atmosphere flame,
    double gapMm,
    double startUm) {
  private static final TrueHeat SLOW_HEAT = new TrueHeat(300, 0.68, 18, 0);
  private static final FaceContact HUNGRY_DIES = new FaceContact(20, 25_000);
  private static final double SCALED_GAP_MM = 0.05;
  private static final double SCALED_UM = 70;
  private static final double WARPED_GAP_MM = 0.08;
  private static final double SAYS_TOO_MUCH_K = 60;
  private static final double OPENS_EARLY = 0.55;

  /** One of many, the weld prepared as it was planned. */
  public static Conditions drawn(Random random, WeldSetup plan) {
    return with(TrueHeat.drawn(random), TrueFaces.drawn(random), plan);
  }

  /** A drill: one thing is wrong, the rest as it usually is. */
  public static Conditions of(Drill drill, WeldSetup plan) {
    return with(TrueHeat.USUAL, TrueFaces.USUAL, plan).in(drill);
  }

  /** The same with what a drill has wrong. */
  Conditions in(Drill drill) {
    return switch (drill) {
      case COLD_CENTER -> new Conditions(SLOW_HEAT, faces, dies, flame, gapMm, startUm);
      case LATE_BITE -> new Conditions(heat, faces, HUNGRY_DIES, flame, gapMm, startUm);
      case DIRTY_FACES -> new Conditions(heat, faces, dies, flame, SCALED_GAP_MM, SCALED_UM);
      case LEAN_FLAME ->
          new Conditions(heat, faces, dies, Atmosphere.OXIDISING, WARPED_GAP_MM, startUm);
      case LYING_GAUGE ->
          new Conditions(heat.reading(SAYS_TOO_MUCH_K), faces, dies, flame, gapMm, startUm);
      case OVER_PRESSED ->
          new Conditions(heat, faces.opening(OPENS_EARLY), dies, flame, gapMm, startUm);
    };
  }

  static Conditions with(TrueHeat heat, TrueFaces faces, WeldSetup plan) {
    return new Conditions(
        heat,
        faces,
        FaceContact.COLD_DIE,
        plan.fire().flame(),
        plan.faces().gapMm(),
        plan.faces().startOxideUm());
  }
}
