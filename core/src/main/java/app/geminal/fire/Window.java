package app.geminal.fire;

import app.geminal.heat.Soak;
import app.geminal.shop.Limits;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.weld.Method;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The heats one heat of the plan may have, °C.
 *
 * @param floorC under it nothing bonds as it should, or the bar is too stiff to draw
 * @param aimC what is planned
 * @param ceilingC over it grain, carbon or the steel itself goes
 * @param meltsC from here on the shop reckons with running metal
 * @param solidusC where the first steel begins to melt
 * @param softest that steel
 * @param why where floor and ceiling come from
 */
public record Window(
    double floorC,
    double aimC,
    double ceilingC,
    double meltsC,
    double solidusC,
    String softest,
    String why) {
  /** A bar drawn colder than this is stiff, and seams that are hardly set open, °C. */
  private static final double DRAW_FLOOR_C = 900;

  /** Of a weld, by the way its metals are joined. */
  static Window ofWeld(List<Steel> steels, Limits limits, double aimC, Method method) {
    return method
        .window()
        .map(heats -> ofCopper(steels, limits, aimC, method, heats))
        .orElseGet(() -> ofForgeWeld(steels, limits, aimC));
  }

  /** Where copper shall melt, what must not is the softest steel. */
  private static Window ofCopper(
      List<Steel> steels, Limits limits, double aimC, Method method, WeldWindow heats) {
    boolean molten = method == Method.COPPER_MOLTEN;
    Steel softest =
        steels.stream()
            .filter(s -> !molten || !s.isCopper())
            .min(Comparator.comparingDouble(Steel::solidusC))
            .orElseGet(() -> softest(steels));
    double melts = molten ? softest.solidusC() - limits.meltMarginC() : heats.toC();
    return new Window(
        heats.fromC(),
        aimC,
        heats.toC(),
        melts,
        softest.solidusC(),
        softest.id(),
        Text.of(
            "Copper %s: from %s to %s; it begins to melt at about %s.",
            molten ? "let melt" : "kept solid",
            Measure.celsius(heats.fromC()),
            Measure.celsius(heats.toC()),
            Measure.celsius(Method.COPPER_MELTS_C)));
  }

  private static Window ofForgeWeld(List<Steel> steels, Limits limits, double aimC) {
    Steel softest = softest(steels);
    double melts = softest.solidusC() - limits.meltMarginC();
    Optional<WeldWindow> shared = WeldWindow.sharedBy(steels);
    double floor =
        shared
            .map(w -> Math.max(w.fromC(), limits.nothingBondsBelowC()))
            .orElse(limits.nothingBondsBelowC());
    double ceiling = Math.min(melts, shared.map(WeldWindow::toC).orElse(melts));
    String why =
        shared.isEmpty()
            ? Text.of(
                "These steels share no welding heat; under %s nothing bonds, and %s begins to melt at %s.",
                Measure.celsius(limits.nothingBondsBelowC()),
                softest.id(),
                Measure.celsius(softest.solidusC()))
            : Text.of(
                "All of %s weld from %s; %s begins to melt at %s, and the window ends at %s for a gauge that reads wrong.",
                String.join(", ", steels.stream().map(Steel::id).toList()),
                Measure.celsius(floor),
                softest.id(),
                Measure.celsius(softest.solidusC()),
                Measure.celsius(ceiling));
    return new Window(
        floor, aimC, Math.max(ceiling, floor), melts, softest.solidusC(), softest.id(), why);
  }

  static Window ofDraw(List<Steel> steels, Limits limits, double aimC) {
    Steel softest = softest(steels);
    double melts = softest.solidusC() - limits.meltMarginC();
    double ceiling = Math.min(melts, limits.overheatedAboveC());
    return new Window(
        Math.min(DRAW_FLOOR_C, aimC),
        aimC,
        Math.max(aimC, ceiling),
        melts,
        softest.solidusC(),
        softest.id(),
        Text.of(
            "Under %s the bar is stiff and young seams open; over %s grain coarsens.",
            Measure.celsius(DRAW_FLOOR_C), Measure.celsius(ceiling)));
  }

  /** What the chamber is run at: hotter than the steel shall get, and no hotter than it may. */
  public double chamberC() {
    return Math.max(aimC, Math.min(aimC + Soak.CHAMBER_OVER_C, ceilingC));
  }

  private static Steel softest(List<Steel> steels) {
    return steels.stream().min(Comparator.comparingDouble(Steel::solidusC)).orElseThrow();
  }
}
