package app.geminal.heatplan;

import app.geminal.bar.Bars;
import app.geminal.forging.Force;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import app.geminal.text.Message;
import app.geminal.units.Quantity;

/**
 * What one squeeze takes.
 *
 * @param needKn the whole face, or the whole die, at once; 0 where it is not known
 * @param haveKn what the press gives; 0 where there is none
 * @param bites squeezes along the bar in one heat
 * @param biteMm length of each
 * @param mostMpa gauge at which the force needed is reached; 0 where bore or gauge are not known
 * @param why how that is worked out
 */
public record SqueezePlan(
    double needKn, double haveKn, int bites, double biteMm, double mostMpa, Message why) {
  /** Out of the fire, to the press and back, besides the squeezes, minutes: a bench rule. */
  private static final double HANDLING_MIN = 0.8;

  private static final double BITE_MIN = 0.25;

  /** Minutes from the fire and back to it, with so many squeezes along the bar. */
  public static double handsMin(int bites) {
    return HANDLING_MIN + BITE_MIN * Math.max(1, bites);
  }

  static SqueezePlan of(Bars bars, Tool tool, int askedBites, double flowMpa, Shop shop) {
    Press press = shop.press();
    if (press == null || !tool.isPressed()) {
      return new SqueezePlan(0, 0, 0, 0, 0, HeatText.SQUEEZE_BY_HAND.with("tool", tool));
    }
    double die = Math.min(press.dieMm(tool), bars.lengthMm());
    double need = Force.kn(bars.widthMm(), die, bars.heightMm(), flowMpa);
    double bite =
        Math.max(
            Math.min(Force.NARROWEST_DIE_MM, die),
            Force.longestBiteMm(press.forceKn(), bars.widthMm(), bars.heightMm(), flowMpa, die));
    int bites = askedBites > 0 ? askedBites : count(bars.lengthMm(), bite);
    double area = Math.PI * press.boreMm() * press.boreMm() / 4;
    double mpa = press.boreMm() > 0 ? Math.min(need, press.forceKn()) * 1000 / area : 0;
    return new SqueezePlan(
        need,
        press.forceKn(),
        bites,
        bite,
        mpa,
        HeatText.SQUEEZE.with(
            "length", Quantity.mm(die),
            "needed", Quantity.kn(need),
            "has", Quantity.kn(press.forceKn()),
            "bites", bites));
  }

  private static int count(double lengthMm, double biteMm) {
    return lengthMm <= biteMm
        ? 1
        : 1 + (int) Math.ceil((lengthMm - biteMm) / (biteMm * Force.BITE_ADVANCE));
  }
}
