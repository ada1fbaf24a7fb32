package app.geminal.geometry;

import app.geminal.layers.LayerSequence;
import java.util.ArrayList;
import java.util.List;

/**
 * A strip rolled up round a core, as the end of the roll shows it: each wrap as thick as the strip,
 * the first turn tapering in from nothing and the last one out to nothing, as scarfed ends do, so
 * that no hole is left in the middle and no step outside. The angle along the strip begins at the
 * core and grows outwards, radians; a full turn is over the one before.
 *
 * @param thicknessMm of the strip, above 0
 * @param coreRadiusMm 0 for none
 * @param radiusMm of the whole roll, more than the core's
 */
public record Spiral(double thicknessMm, double coreRadiusMm, double radiusMm) {
  /** One time round, radians. */
  public static final double TURN = 2 * Math.PI;

  /** Thinner than this, a taper is rounding dust. */
  private static final double LEAST_MM = 1e-9;

  /** A roll of a strip: what is rolled keeps its area. */
  public static Spiral of(double thicknessMm, double lengthMm, double coreRadiusMm) {
    double radius = Math.sqrt(thicknessMm * lengthMm / Math.PI + coreRadiusMm * coreRadiusMm);
    return new Spiral(thicknessMm, coreRadiusMm, radius);
  }

  /** Angle at which the outer face of the strip reaches the outside of the roll. */
  public double lastTurn() {
    return TURN * (radiusMm - coreRadiusMm) / thicknessMm;
  }

  /** Distance of the strip's outer face from the axis at an angle, mm. */
  public double outsideMm(double angle) {
    return angle < lastTurn() ? coreRadiusMm + thicknessMm * angle / TURN : radiusMm;
  }

  /** Distance of the strip's inner face from the axis at an angle, mm. */
  public double insideMm(double angle) {
    return angle > TURN ? coreRadiusMm + thicknessMm * (angle - TURN) / TURN : coreRadiusMm;
  }

  /** Turns of the strip, the part of a turn at the end included. */
  public double wraps() {
    return (radiusMm - coreRadiusMm) / thicknessMm;
  }

  /** Area of the strip from its inner end to an angle, mm². */
  double sweptMm2(double angle) {
    double core2 = coreRadiusMm * coreRadiusMm;
    double radius2 = radiusMm * radiusMm;
    double outer = sectorMm2(Math.min(angle, lastTurn()));
    outer += Math.max(0, angle - lastTurn()) * radius2 / 2;
    double inner = Math.min(angle, TURN) * core2 / 2;
    return outer - inner - sectorMm2(Math.max(0, angle - TURN));
  }

  /** Area between the middle and a spiral that begins at the core. */
  private double sectorMm2(double angle) {
    double grown = thicknessMm * angle / TURN;
    return angle * (coreRadiusMm * coreRadiusMm / 2 + coreRadiusMm * grown / 2 + grown * grown / 6);
  }

  /** How often a line from the core to the outside meets the strip. */
  public int turns(double direction) {
    int met = (direction > 0 ? 1 : 0) + whole(direction);
    return insideMm(direction + TURN * (whole(direction) + 1)) < radiusMm - LEAST_MM
        ? met + 1
        : met;
  }

  /** Turns that a line meets at the strip's full thickness: neither the first nor the last. */
  private int whole(double direction) {
    return Math.max(0, (int) Math.ceil((lastTurn() - direction) / TURN) - 1);
  }

  /**
   * What a straight line from the core to the outside crosses, the strip's underside outermost.
   *
   * @param strip its layers, bottom to top, as thick as the strip
   * @param direction of the line, 0 to a full turn, radians
   */
  public List<LayerSequence> outwards(LayerSequence strip, double direction) {
    LayerSequence turned = strip.turned();
    List<LayerSequence> crossed = new ArrayList<>();
    if (direction > 0) {
      crossed.add(tapered(turned, direction));
    }
    int whole = whole(direction);
    if (whole > 0) {
      crossed.add(turned.times(whole));
    }
    double last = direction + TURN * (whole + 1);
    if (insideMm(last) < radiusMm - LEAST_MM) {
      crossed.add(tapered(turned, last));
    }
    return crossed;
  }

  private LayerSequence tapered(LayerSequence turned, double angle) {
    return turned.scaledBy((outsideMm(angle) - insideMm(angle)) / thicknessMm);
  }
}
