package app.geminal.geometry;

import app.geminal.bar.Section;

/**
 * A twist: the section at x has turned by so much. Right-handed, it turns from y towards z on the
 * way from the bench stop. Layers are counted on a line through the axis where they stand level.
 *
 * @param perMm radians per mm
 * @param sectionMm length of each section where every second one turns the other way, else 0
 */
public record Twisted(double perMm, double sectionMm) implements Turning {

  /** How far the section at x has turned, radians. */
  double angle(double x) {
    if (sectionMm == 0) {
      return perMm * x;
    }
    double pair = x / (2 * sectionMm);
    double within = pair - Math.floor(pair);
    return perMm * 2 * sectionMm * Math.min(within, 1 - within);
  }

  @Override
  public InverseMap turned(int sense) {
    return p -> {
      double angle = angle(p.x);
      SquareDiscMap.turn(p, Math.cos(angle), sense * Math.sin(angle));
    };
  }

  @Override
  public Section lines(Section before, Section square) {
    return Section.wrought(square.up(), square.across(), square);
  }
}
