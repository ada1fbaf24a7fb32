package app.geminal.pair;

import app.geminal.steel.Steel;
import app.geminal.units.Measure;
import java.util.List;

/**
 * Copper between steels: two schools, never the general rule, because there is no heat at which
 * steel and copper weld in the ordinary way. Neither bears thick copper or a hammer.
 */
final class Copper {
  private static final double MELTS_C = 1084.6;
  private static final double SOLID_FROM_C = 950;
  private static final double SOLID_TO_C = 1040;
  private static final double MOLTEN_FROM_C = 1090;
  private static final double MOLTEN_TO_C = 1120;

  private Copper() {}

  static boolean isIn(Question question) {
    return question.members().stream()
        .map(Member::steel)
        .anyMatch(s -> s.isCopper() && !s.neverWeld());
  }

  static List<Reason> schools(Question question) {
    List<String> names =
        question.members().stream()
            .map(Member::steel)
            .filter(Steel::isCopper)
            .map(Steel::id)
            .toList();
    boolean between =
        question.members().stream()
            .filter(m -> m.steel().isCopper())
            .allMatch(m -> m.role() == Role.SHEET);
    Reason solid =
        new Reason(
            "copper-runs",
            between && question.sealed() ? Weight.CONDITION : Weight.STOP,
            true,
            names,
            between
                ? "One school keeps the copper solid."
                : "Copper does not weld with steel in the ordinary way.",
            "Sealed or welded all round, %s to %s, one heat, a steady press; no later heat above %s. Copper melts at %s (with oxygen at %s) and what is molten is thrown."
                .formatted(
                    Measure.celsius(SOLID_FROM_C),
                    Measure.celsius(SOLID_TO_C),
                    Measure.celsius(SOLID_TO_C),
                    Measure.celsius(MELTS_C),
                    Measure.celsius(1066)),
            between && question.sealed()
                ? "Thin sheet, no hammer; the edge is steel only; harden from %s to %s."
                    .formatted(Measure.celsius(790), Measure.celsius(815))
                : "Only as a thin sheet between steels, sealed.");
    Reason molten =
        new Reason(
            "copper-runs",
            Weight.CONDITION,
            true,
            names,
            "The other school lets it melt and braze.",
            "At %s to %s it wets well, but it squirts out, runs along the grains of the steel, and any forging while it is liquid cracks the steel."
                .formatted(Measure.celsius(MOLTEN_FROM_C), Measure.celsius(MOLTEN_TO_C)),
            "Nobody in line with the seams, no hard squeeze; bond strength scatters in both schools.");
    return List.of(solid, molten);
  }
}
