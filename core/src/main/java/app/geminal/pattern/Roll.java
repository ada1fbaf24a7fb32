package app.geminal.pattern;

import static app.geminal.operation.Spiral.TURN;

import app.geminal.bar.Size;
import app.geminal.operation.Spiral;

/**
 * A strip rolled up, its underside outside, perhaps round a core. Points come on the unit disc.
 *
 * <p>Its shape on the end of the bar is the {@link Spiral} that the layers are counted on. Length
 * along the strip is the area swept over its thickness, so each piece of the strip keeps its area.
 * Through a wrap, local area is off as its radius is off the middle of the wrap: by half the
 * thickness over the radius, which is much only in the innermost turn.
 */
final class Roll implements End {
  private final Chain strip;
  private final FlatLayers core;
  private final Spiral spiral;

  /**
   * @param strip its history
   * @param box of the strip
   * @param core what it is rolled round; any where the radius is 0
   * @param coreRadius mm
   */
  Roll(Chain strip, Size box, FlatLayers core, double coreRadius) {
    this.strip = strip;
    this.core = core;
    this.spiral = Spiral.of(box.height(), box.length(), coreRadius);
  }

  /** Area of the strip from its inner end to that angle, mm². */
  private double swept(double angle) {
    double core2 = spiral.coreRadiusMm() * spiral.coreRadiusMm();
    double radius2 = spiral.radiusMm() * spiral.radiusMm();
    double outer = sector(Math.min(angle, spiral.lastTurn()));
    outer += Math.max(0, angle - spiral.lastTurn()) * radius2 / 2;
    double inner = Math.min(angle, TURN) * core2 / 2;
    return outer - inner - sector(Math.max(0, angle - TURN));
  }

  /** Area between the middle and a spiral that begins at the core. */
  private double sector(double angle) {
    double core = spiral.coreRadiusMm();
    double grown = spiral.thicknessMm() * angle / TURN;
    return angle * (core * core / 2 + core * grown / 2 + grown * grown / 6);
  }

  @Override
  public void land(Point p) {
    double r = Math.sqrt(p.y * p.y + p.z * p.z) * spiral.radiusMm();
    if (r < spiral.coreRadiusMm()) {
      p.through(-1);
      core.land(p);
      return;
    }
    double around = Math.atan2(p.z, p.y);
    if (around < 0) {
      around += TURN;
    }
    double out = (r - spiral.coreRadiusMm()) / spiral.thicknessMm();
    double wraps = Math.max(0, Math.ceil(out - around / TURN));
    double angle = around + TURN * wraps;
    double inner = spiral.insideMm(angle);
    double outer = spiral.outsideMm(angle);
    double through = outer > inner ? Math.clamp((r - inner) / (outer - inner), 0, 1) : 0;
    p.through((int) wraps);
    p.y = p.x;
    p.x = swept(angle) / spiral.thicknessMm();
    p.z = (1 - through) * spiral.thicknessMm();
    strip.land(p);
  }
}
