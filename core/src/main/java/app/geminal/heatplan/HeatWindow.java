package app.geminal.heatplan;

import app.geminal.heat.Soak;
import app.geminal.shop.Limits;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.weld.Method;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The heats one heat of the plan may have, °C.
 *
 * @param floorC under it nothing bonds as it should, or the bar is too stiff to draw
 * @param aimC what is planned
 * @param ceilingC °C above which grain coarsens, carbon burns or the steel melts
 * @param meltsC from here on the shop uses running metal
 * @param solidusC where the first steel begins to melt
 * @param softest that steel
 * @param why where floor and ceiling come from
 */
public record HeatWindow(
    double floorC,
    double aimC,
    double ceilingC,
    double meltsC,
    double solidusC,
    String softest,
    Message why) {
  /** A bar drawn colder than this is stiff, and seams that are hardly set open, °C. */
  private static final double DRAW_FLOOR_C = 900;

  /** Of a weld, by the way its metals are joined. */
  static HeatWindow ofWeld(List<Steel> steels, Limits limits, double aimC, Method method) {
    return method
        .window()
        .map(heats -> ofCopper(steels, limits, aimC, method, heats))
        .orElseGet(() -> ofForgeWeld(steels, limits, aimC));
  }

  /** Where copper should melt, what must not is the softest steel. */
  private static HeatWindow ofCopper(
      List<Steel> steels, Limits limits, double aimC, Method method, WeldWindow heats) {
    boolean molten = method == Method.COPPER_MOLTEN;
    Steel softest =
        steels.stream()
            .filter(s -> !molten || !s.isCopper())
            .min(Comparator.comparingDouble(Steel::solidusC))
            .orElseGet(() -> softest(steels));
    double melts = molten ? softest.solidusC() - limits.meltMarginC() : heats.toC();
    return new HeatWindow(
        heats.fromC(),
        aimC,
        heats.toC(),
        melts,
        softest.solidusC(),
        softest.id(),
        HeatText.WINDOW_COPPER.with(
            "molten", molten,
            "from", Quantity.celsius(heats.fromC()),
            "to", Quantity.celsius(heats.toC()),
            "melts", Quantity.celsius(Method.COPPER_MELTS_C)));
  }

  private static HeatWindow ofForgeWeld(List<Steel> steels, Limits limits, double aimC) {
    Steel softest = softest(steels);
    double melts = softest.solidusC() - limits.meltMarginC();
    Optional<WeldWindow> shared = WeldWindow.sharedBy(steels);
    double floor =
        shared
            .map(w -> Math.max(w.fromC(), limits.nothingBondsBelowC()))
            .orElse(limits.nothingBondsBelowC());
    double ceiling = Math.min(melts, shared.map(WeldWindow::toC).orElse(melts));
    Message why =
        (shared.isEmpty() ? HeatText.WINDOW_NONE : HeatText.WINDOW_WELD)
            .with(
                "limit", Quantity.celsius(limits.nothingBondsBelowC()),
                "steels", steels.stream().map(Steel::id).toList(),
                "floor", Quantity.celsius(floor),
                "softest", softest.id(),
                "melts", Quantity.celsius(softest.solidusC()),
                "ceiling", Quantity.celsius(ceiling));
    return new HeatWindow(
        floor, aimC, Math.max(ceiling, floor), melts, softest.solidusC(), softest.id(), why);
  }

  static HeatWindow ofDraw(List<Steel> steels, Limits limits, double aimC) {
    Steel softest = softest(steels);
    double melts = softest.solidusC() - limits.meltMarginC();
    double ceiling = Math.min(melts, limits.overheatedAboveC());
    return new HeatWindow(
        Math.min(DRAW_FLOOR_C, aimC),
        aimC,
        Math.max(aimC, ceiling),
        melts,
        softest.solidusC(),
        softest.id(),
        HeatText.WINDOW_DRAW.with(
            "floor", Quantity.celsius(DRAW_FLOOR_C), "ceiling", Quantity.celsius(ceiling)));
  }

  /** What the chamber is run at: hotter than the steel should get, and no hotter than it may. */
  public double chamberC() {
    return Math.max(aimC, Math.min(aimC + Soak.CHAMBER_OVER_C, ceilingC));
  }

  private static Steel softest(List<Steel> steels) {
    return steels.stream().min(Comparator.comparingDouble(Steel::solidusC)).orElseThrow();
  }
}
