package app.geminal.pattern;

import app.geminal.operation.Twist;

/**
 * A twist on the unit disc: the section at x has turned by so much. Right-handed, it turns from y
 * towards z on the way from the bench stop.
 *
 * @param perMm radians per mm
 * @param sectionMm length of each section where every second one turns the other way, else 0
 */
record Twisted(double perMm, double sectionMm) implements InverseMap {

  static Twisted of(Twist twist, double lengthMm) {
    double turn = 2 * Math.PI * twist.turns() / lengthMm;
    return switch (twist.hand()) {
      case RIGHT -> new Twisted(turn, 0);
      case LEFT -> new Twisted(-turn, 0);
      case BOTH -> new Twisted(turn, lengthMm / twist.sections());
    };
  }

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
  public void back(Point p) {
    double angle = angle(p.x);
    SquareDiscMap.turn(p, Math.cos(angle), -Math.sin(angle));
  }
}
