package app.geminal.heatplan;

import app.geminal.forging.StopLadder;
import app.geminal.heat.HotSize;
import app.geminal.operation.SetWeld;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.weld.AtmosphereProtection;
import java.util.ArrayList;
import java.util.List;

/**
 * The steps of a heat plan, each atmosphere protection's complete and in order, with the moment for
 * each.
 */
public final class HeatSteps {
  /** Borax is applied here, a little over where it melts; it clings to seams at dull red, °C. */
  public static final double FLUX_AT_C = 760;

  /** Where anhydrous borax melts, °C. */
  public static final double BORAX_MELTS_C = 742;

  /** How the dies come down. */
  private enum Set {
    FIRST,
    AROUND,
    FIRM
  }

  private HeatSteps() {}

  static List<HeatStep> ofWeld(
      SetWeld weld, SoakPlan soaking, HeatWindow window, SqueezePlan squeezing) {
    List<HeatStep> steps = new ArrayList<>();
    before(weld.protection(), steps);
    for (int heat = 1; heat <= weld.heats(); heat++) {
      in(heat, weld.protection(), steps);
      flux(heat, weld.protection(), steps);
      double minutes = soaking.minutes(heat);
      if (heat == 1) {
        steps.add(
            HeatStep.of(
                heat,
                ForgeAction.TURN,
                HeatText.TURN_TITLE.with(),
                HeatText.TURN.with(),
                HeatText.TURN_WHEN.with("time", Quantity.minutes(Math.max(1, minutes / 2)))));
      }
      steps.add(
          HeatStep.even(
              heat,
              HeatText.SOAK.with(
                  "aim",
                  Quantity.celsius(window.aimC()),
                  "fluxed",
                  weld.protection().isFluxedIn(heat)),
              HeatText.SOAK_WHEN.with("time", Quantity.minutes(minutes))));
      steps.add(
          HeatStep.of(
              heat,
              ForgeAction.OUT,
              HeatText.OUT_TITLE.with(),
              HeatText.OUT.with(),
              HeatText.OUT_WHEN.with()));
      steps.add(set(heat, weld, squeezing));
      steps.add(
          HeatStep.of(
              heat,
              ForgeAction.BRUSH,
              HeatText.BRUSH_TITLE.with(),
              HeatText.BRUSH.with(),
              HeatText.BRUSH_WHEN.with()));
    }
    steps.add(
        HeatStep.of(
            weld.heats(),
            ForgeAction.LOOK,
            HeatText.INSPECT_TITLE.with(),
            HeatText.INSPECT.with("sealed", weld.protection() == AtmosphereProtection.SEALED),
            HeatText.INSPECT_WHEN.with()));
    return List.copyOf(steps);
  }

  private static void before(AtmosphereProtection protection, List<HeatStep> steps) {
    if (protection == AtmosphereProtection.DRY || protection == AtmosphereProtection.BOTH) {
      steps.add(
          HeatStep.of(
              1,
              ForgeAction.FUEL,
              HeatText.FUEL_TITLE.with(),
              HeatText.FUEL.with(),
              HeatText.FUEL_WHEN.with()));
    }
  }

  private static void in(int heat, AtmosphereProtection protection, List<HeatStep> steps) {
    Message how = heat > 1 ? HeatText.BACK_IN.with() : HeatText.IN.with("protection", protection);
    steps.add(
        HeatStep.of(
            heat,
            ForgeAction.IN,
            heat == 1 ? HeatText.IN_TITLE.with() : HeatText.BACK_IN_TITLE.with(),
            how,
            heat == 1 ? HeatText.IN_WHEN.with() : HeatText.BACK_IN_WHEN.with()));
  }

  private static void flux(int heat, AtmosphereProtection protection, List<HeatStep> steps) {
    if (!protection.isFluxedIn(heat)) {
      return;
    }
    steps.add(
        heat == 1
            ? HeatStep.of(
                heat,
                ForgeAction.FLUX,
                HeatText.FLUX_TITLE.with(),
                HeatText.FLUX.with(),
                HeatText.FLUX_WHEN.with("heat", Quantity.celsius(FLUX_AT_C)))
            : HeatStep.of(
                heat,
                ForgeAction.FLUX,
                HeatText.FLUX_AGAIN_TITLE.with(),
                HeatText.FLUX_AGAIN.with(),
                HeatText.FLUX_AGAIN_WHEN.with()));
  }

  private static HeatStep set(int heat, SetWeld weld, SqueezePlan squeezing) {
    boolean voids = weld.heats() > 3;
    return HeatStep.of(
        heat,
        ForgeAction.SQUEEZE,
        HeatText.SET_TITLE.with("heat", heat),
        HeatText.SET.with(
            "how",
            heat == 1 ? Set.FIRST : voids && heat < weld.heats() ? Set.AROUND : Set.FIRM,
            "reduction",
            Quantity.aboutShare(weld.reductionPerHeat()),
            "bites",
            squeezing.bites()),
        HeatText.SET_WHEN.with());
  }

  static List<HeatStep> ofDraw(
      List<StopLadder.Rung> stops, int heats, SoakPlan soaking, HeatWindow window) {
    List<HeatStep> steps = new ArrayList<>();
    for (int heat = 1; heat <= heats; heat++) {
      steps.add(
          HeatStep.of(
              heat,
              ForgeAction.IN,
              heat == 1 ? HeatText.IN_TITLE.with() : HeatText.BACK_IN_TITLE.with(),
              HeatText.DRAW_IN.with("heat", heat),
              heat == 1 ? HeatText.IN_WHEN.with() : HeatText.BACK_IN_WHEN.with()));
      steps.add(
          HeatStep.even(
              heat,
              HeatText.DRAW_SOAK.with("aim", Quantity.celsius(window.aimC())),
              HeatText.SOAK_WHEN.with("time", Quantity.minutes(soaking.minutes(heat)))));
      steps.add(
          HeatStep.of(
              heat,
              ForgeAction.OUT,
              HeatText.OUT_TITLE.with(),
              HeatText.OUT.with(),
              HeatText.OUT_WHEN.with()));
      StopLadder.Rung rung = stops.get(Math.min(heat, stops.size()) - 1);
      steps.add(
          HeatStep.of(
              heat,
              ForgeAction.SQUEEZE,
              HeatText.DRAW_TITLE.with("height", Quantity.mm(rung.heightMm())),
              HeatText.DRAW.with(
                  "height", Quantity.mm(rung.heightMm()),
                  "width", Quantity.mm(rung.widthMm()),
                  "length", Quantity.mm(rung.lengthMm()),
                  "spread", Quantity.mm(rung.spreadMm()),
                  "cold", Quantity.mm(HotSize.coldMm(rung.heightMm(), window.aimC()))),
              HeatText.DRAW_WHEN.with("floor", Quantity.celsius(window.floorC()))));
      steps.add(
          HeatStep.of(
              heat,
              ForgeAction.BRUSH,
              HeatText.BRUSH_TITLE.with(),
              HeatText.BRUSH.with(),
              HeatText.BRUSH_WHEN.with()));
    }
    steps.add(
        HeatStep.of(
            heats,
            ForgeAction.LOOK,
            HeatText.DRAW_INSPECT_TITLE.with(),
            HeatText.DRAW_INSPECT.with(),
            HeatText.INSPECT_WHEN.with()));
    return List.copyOf(steps);
  }
}
