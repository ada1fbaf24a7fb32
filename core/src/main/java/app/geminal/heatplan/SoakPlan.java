package app.geminal.heatplan;

import app.geminal.heat.BarHeat;
import app.geminal.heat.Soak;
import app.geminal.heat.Surroundings;
import app.geminal.text.Message;
import app.geminal.units.Quantity;

/**
 * How long one heat of a plan takes to an even core.
 *
 * @param firstMin from cold, minutes; ±20 %
 * @param againMin each further heat, welded and still hot, minutes
 * @param plannedMin what the plan says
 * @param coreWhenSkinC the core at the moment the skin looks ready, °C
 * @param limitMin longer than this after it is ready it only loses steel, minutes
 * @param why how that is worked out
 */
public record SoakPlan(
    double firstMin,
    double againMin,
    double plannedMin,
    double coreWhenSkinC,
    double limitMin,
    Message why) {
  /** Away from the fire in one setting heat, seconds: walk, squeeze, brush, walk. */
  public static final double AWAY_S = 40;

  private static final double OPEN_LIMIT_MIN = 10;
  private static final double SEALED_LIMIT_MIN = 60;

  static SoakPlan of(
      BarHeat.Of bar, double aimC, double powerKw, double plannedMin, boolean sealed) {
    Soak.Answer first = Soak.of(bar, aimC, powerKw, plannedMin);
    BarHeat away = new BarHeat(bar.loose(0), aimC);
    away.advance(AWAY_S, Surroundings.air());
    double again = Soak.again(bar.loose(0), away.meanC(), aimC, powerKw, 1).minutes();
    Message why =
        HeatText.SOAKING.with(
            "width", Quantity.mm(bar.widthMm()),
            "height", Quantity.mm(bar.heightMm()),
            "loose", bar.pieceMm() > 0,
            "power", Quantity.kw(powerKw),
            "skin", Quantity.minutes(first.skinMin()),
            "core", Quantity.celsius(first.coreWhenSkinC()),
            "even", Quantity.minutes(first.minutes()));
    return new SoakPlan(
        first.minutes(),
        again,
        plannedMin,
        first.coreWhenSkinC(),
        sealed ? SEALED_LIMIT_MIN : OPEN_LIMIT_MIN,
        why);
  }

  /** Minutes heat number {@code heat}, from 1, wants. */
  public double minutes(int heat) {
    return heat == 1 ? firstMin : againMin;
  }
}
