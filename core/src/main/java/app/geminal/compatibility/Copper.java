package app.geminal.compatibility;

import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.units.Quantity;
import app.geminal.weld.Method;
import java.util.List;

/**
 * Copper between steels: two kinds of atmosphere protection, never the general rule, because there
 * is no heat at which steel and copper weld in the ordinary way. Neither bears thick copper or a
 * hammer.
 */
final class Copper {
  private static final WeldWindow SOLID = Method.COPPER_SOLID.window().orElseThrow();
  private static final WeldWindow MOLTEN = Method.COPPER_MOLTEN.window().orElseThrow();

  private Copper() {}

  static boolean isIn(SteelQuestion question) {
    return question.members().stream()
        .map(Member::steel)
        .anyMatch(s -> s.isCopper() && !s.neverWeld());
  }

  static List<Reason> protections(SteelQuestion question) {
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
        Reason.of(
                between ? ReasonKind.COPPER_BETWEEN : ReasonKind.COPPER_NOT_BETWEEN,
                between && question.sealed() ? ReasonWeight.CONDITION : ReasonWeight.STOP,
                names,
                "sealed",
                question.sealed(),
                "from",
                Quantity.celsius(SOLID.fromC()),
                "to",
                Quantity.celsius(SOLID.toC()),
                "melts",
                Quantity.celsius(Method.COPPER_MELTS_C),
                "hardenFrom",
                Quantity.celsius(790),
                "hardenTo",
                Quantity.celsius(815))
            .forSafety();
    Reason molten =
        Reason.of(
                ReasonKind.COPPER_MOLTEN,
                ReasonWeight.CONDITION,
                names,
                "from",
                Quantity.celsius(MOLTEN.fromC()),
                "to",
                Quantity.celsius(MOLTEN.toC()))
            .forSafety();
    return List.of(solid, molten);
  }
}
