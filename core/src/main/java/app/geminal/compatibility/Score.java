package app.geminal.compatibility;

import java.util.OptionalDouble;

/**
 * The soft score, 0 to 100. Each weight is craft judgement, not data:
 *
 * <ul>
 *   <li>0.22 welding window, full at 120 °C: room for a gauge that reads wrong
 *   <li>0.18 hardening heats shared, none at a gap of 40 °C, full at 15 °C shared
 *   <li>0.10 quench, one third off for each step apart
 *   <li>0.10 martensite starts apart, falling with 150 °C
 *   <li>0.12 length apart after the quench, none left at 1.4 %
 *   <li>0.16 contrast, full at a tone difference of 0.6
 *   <li>0.12 ease of welding, by the worst of them
 * </ul>
 *
 * A cutting edge that comes out lean takes a part of it: {@value #LEAN_KEEPS} is left at {@value
 * #LEANEST} % carbon and all from {@value #ENOUGH} %. It does not know how fast a steel must be
 * quenched, so 1095 scores like 1084; uncertain stock costs 10 points.
 */
final class Score {
  private static final double UNCERTAIN_COSTS = 10;
  private static final double LEANEST = 0.35;
  private static final double ENOUGH = 0.65;
  private static final double LEAN_KEEPS = 0.4;

  private Score() {}

  /** Before anything is taken off for uncertain stock. */
  static double soft(PairFigures f, SteelQuestion question) {
    double worstWeldability =
        question.members().stream().mapToInt(m -> m.steel().weldability()).max().orElseThrow();
    double overlap =
        f.overlapC(question).stream().map(c -> part((c + 40) / 55)).findAny().orElse(1);
    return 100
        * (0.22 * part(f.windowC() / 120)
            + 0.18 * overlap
            + 0.10 * (1 - Math.min(f.quenchSteps(), 3) / 3.0)
            + 0.10 * Math.exp(-f.msApartC() / 150)
            + 0.12 * part(1 - f.strainPercent() / 1.4)
            + 0.16 * part(f.toneApart() / 0.6)
            + 0.12 * (1 - (worstWeldability - 1) / 4));
  }

  /**
   * What is left of it.
   *
   * @param edgeCarbon of a cutting edge, mass %; empty where none is asked for or it is not known
   */
  static double of(double soft, OptionalDouble edgeCarbon, boolean uncertain) {
    double lean =
        edgeCarbon.stream()
            .map(c -> LEAN_KEEPS + (1 - LEAN_KEEPS) * part((c - LEANEST) / (ENOUGH - LEANEST)))
            .findAny()
            .orElse(1);
    return Math.max(0, soft * lean - (uncertain ? UNCERTAIN_COSTS : 0));
  }

  private static double part(double x) {
    return Math.clamp(x, 0, 1);
  }
}
