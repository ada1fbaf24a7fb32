package app.geminal.heat;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * How long a cold billet wants in the fire until its core is as hot as its skin, by {@link
 * BarHeat}: radiation and convection at every face from a chamber {@value #CHAMBER_OVER_C} °C over
 * the heat aimed at, limited by what the burners give. The billet is turned over in time, so that
 * both broad faces see the flame. In a loose stack heat crosses a gap at every joint until the
 * first set; that figure is the weakest of all (300 to 5000 W/(m²·K)) and moves the minutes by
 * half.
 *
 * <p>A first estimate for plans, not a reading of the fire; within 10 % of full computations of a
 * 38 × 83 × 127 mm billet, and never closer than what is known of the chamber.
 */
public final class Soak {
  private static final double STEP_S = 4;

  /** About so many steps in a long soak: coarser, and within 3 % of fine ones. */
  private static final double MOST_STEPS = 120;

  private static final double STEEL_J_KG = 815_000;
  private static final double FULL_FLUX_W_M2 = 90_000;
  private static final int MOST_REMEMBERED = 1000;
  private static final double LONGEST_S = 4 * 3600;
  private static final double COLD_C = 20;

  /** How much hotter than the steel should get a forge is run, °C. */
  public static final double CHAMBER_OVER_C = 60;

  /** The core counts as even with the skin from here, °C. */
  static final double EVEN_C = 15;

  private Soak() {}

  /** Whether the core is as hot as the skin. */
  public static boolean isEven(double skinC, double coreC) {
    return skinC - coreC <= EVEN_C;
  }

  /**
   * How it comes out.
   *
   * @param minutes until the core is even with the skin and the skin at heat; 240 when never
   * @param skinMin until the skin is at heat
   * @param coreC the core when the time asked about is up, °C
   * @param coreWhenSkinC the core when the skin is at heat and looks ready, °C
   */
  public record Answer(double minutes, double skinMin, double coreC, double coreWhenSkinC) {}

  /**
   * What was asked lately: a plan is worked through again at every change, most of it unchanged.
   */
  private static final Map<Asked, Answer> REMEMBERED =
      Collections.synchronizedMap(
          new LinkedHashMap<>(16, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<Asked, Answer> eldest) {
              return size() > MOST_REMEMBERED;
            }
          });

  private record Asked(
      BarHeat.Of billet, double fromC, double aimC, double powerKw, double askedMin) {}

  /**
   * Heats a billet from cold; see {@link #calculate}. The last {@value #MOST_REMEMBERED} answers
   * are remembered.
   */
  public static Answer of(BarHeat.Of billet, double aimC, double powerKw, double askedMin) {
    return again(billet, COLD_C, aimC, powerKw, askedMin);
  }

  /** Heats a billet that is still at {@code fromC} all through; remembered as {@link #of}. */
  public static Answer again(
      BarHeat.Of billet, double fromC, double aimC, double powerKw, double askedMin) {
    Asked asked = new Asked(billet, fromC, aimC, powerKw, askedMin);
    Answer known = REMEMBERED.get(asked);
    if (known != null) {
      return known;
    }
    // Calculated outside the map's lock: no one waits for another's simulation, at worst it is done
    // twice.
    Answer answer = calculate(billet, fromC, aimC, powerKw, askedMin);
    REMEMBERED.put(asked, answer);
    return answer;
  }

  /**
   * Heats a billet.
   *
   * @param fromC what it begins at
   * @param aimC heat aimed at, °C
   * @param powerKw what reaches the steel at most
   * @param askedMin when the core is wanted
   */
  public static Answer calculate(
      BarHeat.Of billet, double fromC, double aimC, double powerKw, double askedMin) {
    BarHeat bar = new BarHeat(billet, fromC, BarHeat.Cells.PLANNING, SteelHeat.STEEL);
    Surroundings fire = Surroundings.chamber(aimC + CHAMBER_OVER_C).withPowerKw(powerKw);
    double step = Math.max(STEP_S, roughSeconds(billet, powerKw) / MOST_STEPS);
    double even = -1;
    double skin = -1;
    double coreWhenSkin = -1;
    double core = -1;
    double seconds = 0;
    while (seconds < LONGEST_S && (even < 0 || core < 0)) {
      bar.advanceIn(1, step, fire);
      seconds += step;
      if (core < 0 && seconds >= askedMin * 60) {
        core = bar.coreC();
      }
      boolean hot = even < 0 && bar.topSkinC(fire) >= aimC;
      if (hot && skin < 0) {
        skin = seconds;
        coreWhenSkin = bar.coreC();
      }
      if (hot && bar.skinC(fire) >= aimC && isEven(bar.topSkinC(fire), bar.coreC())) {
        even = seconds;
      }
    }
    return new Answer(
        (even < 0 ? LONGEST_S : even) / 60,
        (skin < 0 ? LONGEST_S : skin) / 60,
        core < 0 ? bar.coreC() : core,
        coreWhenSkin < 0 ? bar.coreC() : coreWhenSkin);
  }

  /** How long it takes, very roughly: by what the burners give or what the faces take. */
  private static double roughSeconds(BarHeat.Of b, double powerKw) {
    double kg = b.volumeMm3() / 1e9 * SteelHeat.DENSITY_KG_M3;
    double facesM2 = b.surfaceMm2() / 1e6;
    return kg * STEEL_J_KG / Math.min(powerKw * 1000, FULL_FLUX_W_M2 * facesM2);
  }
}
