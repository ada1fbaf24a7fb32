package app.geminal.fire;

import app.geminal.bar.Bars;
import app.geminal.forging.Force;
import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.Tool;
import app.geminal.units.Measure;
import app.geminal.units.Text;

/**
 * What one squeeze takes.
 *
 * @param needKn the whole face, or the whole die, at once; 0 where it is not known
 * @param haveKn what the press gives; 0 where there is none
 * @param bites squeezes along the bar in one heat
 * @param biteMm length of each
 * @param mostMpa gauge at which the force needed is reached; 0 where bore or gauge are not known
 * @param why in words
 */
public record Squeezing(
    double needKn, double haveKn, int bites, double biteMm, double mostMpa, String why) {
  static Squeezing of(Bars bars, Tool tool, int askedBites, double flowMpa, Shop shop) {
    Press press = shop.press();
    if (press == null || !tool.isPressed()) {
      return new Squeezing(
          0,
          0,
          0,
          0,
          0,
          tool == Tool.MILL
              ? "One pass through the rolls in each heat."
              : "Overlapping blows from the middle out, the whole face before it cools.");
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
    return new Squeezing(
        need,
        press.forceKn(),
        bites,
        bite,
        mpa,
        Text.of(
            "%s of the bar under the dies want about %.0f kN, the press gives %.0f kN (±25 %%)%s",
            Measure.mm(die),
            need,
            press.forceKn(),
            bites == 1
                ? ": one squeeze."
                : Text.of(": %d squeezes, a quarter over each other.", bites)));
  }

  private static int count(double lengthMm, double biteMm) {
    return lengthMm <= biteMm
        ? 1
        : 1 + (int) Math.ceil((lengthMm - biteMm) / (biteMm * Force.BITE_ADVANCE));
  }
}
