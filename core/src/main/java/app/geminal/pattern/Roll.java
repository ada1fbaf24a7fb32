package app.geminal.pattern;

import app.geminal.bar.Size;

/**
 * A strip rolled up, its underside outside, perhaps round a core. Points come on the unit disc.
 *
 * <p>Each wrap is as thick as the strip; the first turn tapers in from nothing and the last one out
 * to nothing, as scarfed ends do, so that no hole is left in the middle and no step outside. Length
 * along the strip is the area swept over its thickness, so each piece of the strip keeps its area.
 * Through a wrap, local area is off as its radius is off the middle of the wrap: by half the
 * thickness over the radius, which is much only in the innermost turn.
 */
final class Roll implements End {
  private static final double TURN = 2 * Math.PI;

  private final Chain strip;
  private final FlatLayers core;
  private final double thickness;
  private final double coreRadius;
  private final double radius;
  private final double lastTurn;

  /**
   * @param strip its history
   * @param box of the strip
   * @param core what it is rolled round; any where the radius is 0
   * @param coreRadius mm
   */
  Roll(Chain strip, Size box, FlatLayers core, double coreRadius) {
    this.strip = strip;
    this.core = core;
    this.thickness = box.height();
    this.coreRadius = coreRadius;
    this.radius = Math.sqrt(box.height() * box.length() / Math.PI + coreRadius * coreRadius);
    this.lastTurn = TURN * (radius - coreRadius) / thickness;
  }

  private double outside(double angle) {
    return angle < lastTurn ? coreRadius + thickness * angle / TURN : radius;
  }

  private double inside(double angle) {
    return angle > TURN ? coreRadius + thickness * (angle - TURN) / TURN : coreRadius;
  }

  /** Area of the strip from its inner end to that angle, mm². */
  private double swept(double angle) {
    double outer = sector(Math.min(angle, lastTurn));
    outer += Math.max(0, angle - lastTurn) * radius * radius / 2;
    double inner = Math.min(angle, TURN) * coreRadius * coreRadius / 2;
    return outer - inner - sector(Math.max(0, angle - TURN));
  }

  /** Area between the middle and a spiral that begins at the core. */
  private double sector(double angle) {
    double grown = thickness * angle / TURN;
    return angle * (coreRadius * coreRadius / 2 + coreRadius * grown / 2 + grown * grown / 6);
  }

  @Override
  public void land(Point p) {
    double r = Math.sqrt(p.y * p.y + p.z * p.z) * radius;
    if (r < coreRadius) {
      p.through(-1);
      core.land(p);
      return;
    }
    double around = Math.atan2(p.z, p.y);
    if (around < 0) {
      around += TURN;
    }
    double wraps = Math.max(0, Math.ceil((r - coreRadius) / thickness - around / TURN));
    double angle = around + TURN * wraps;
    double inner = inside(angle);
    double outer = outside(angle);
    double through = outer > inner ? Math.clamp((r - inner) / (outer - inner), 0, 1) : 0;
    p.through((int) wraps);
    p.y = p.x;
    p.x = swept(angle) / thickness;
    p.z = (1 - through) * thickness;
    strip.land(p);
  }
}
