package app.geminal.pair;

import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.weld.Method;
import java.util.List;

/**
 * Copper between steels: two schools, never the general rule, because there is no heat at which
 * steel and copper weld in the ordinary way. Neither bears thick copper or a hammer.
 */
final class Copper {
  private static final WeldWindow SOLID = Method.COPPER_SOLID.window().orElseThrow();
  private static final WeldWindow MOLTEN = Method.COPPER_MOLTEN.window().orElseThrow();

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
            Text.of(
                "Sealed or welded all round, %s to %s, one heat, a steady press; no later heat above %s. Copper begins to melt at about %s and what is molten is thrown.",
                Measure.celsius(SOLID.fromC()),
                Measure.celsius(SOLID.toC()),
                Measure.celsius(SOLID.toC()),
                Measure.celsius(Method.COPPER_MELTS_C)),
            between && question.sealed()
                ? Text.of(
                    "Thin sheet, no hammer; the edge is steel only; harden from %s to %s.",
                    Measure.celsius(790), Measure.celsius(815))
                : "Only as a thin sheet between steels, sealed.");
    Reason molten =
        new Reason(
            "copper-runs",
            Weight.CONDITION,
            true,
            names,
            "The other school lets it melt and braze.",
            Text.of(
                "At %s to %s it wets well, but it squirts out, runs along the grains of the steel, and any forging while it is liquid cracks the steel.",
                Measure.celsius(MOLTEN.fromC()), Measure.celsius(MOLTEN.toC())),
            "Nobody in line with the seams, no hard squeeze; bond strength scatters in both schools.");
    return List.of(solid, molten);
  }
}
