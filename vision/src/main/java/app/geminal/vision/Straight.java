package app.geminal.vision;

import java.util.List;
import java.util.stream.IntStream;

/**
 * A straight line through places of the plane, mm.
 *
 * @param middle of the places
 * @param angle it has, radians
 */
record Straight(Spot middle, double angle) {

  /** The one that is nearest to all of them. */
  static Straight through(List<Spot> places) {
    double x = places.stream().mapToDouble(Spot::x).average().orElse(0);
    double y = places.stream().mapToDouble(Spot::y).average().orElse(0);
    double xx = 0;
    double xy = 0;
    double yy = 0;
    for (Spot p : places) {
      xx += (p.x() - x) * (p.x() - x);
      xy += (p.x() - x) * (p.y() - y);
      yy += (p.y() - y) * (p.y() - y);
    }
    return new Straight(new Spot(x, y), 0.5 * Math.atan2(2 * xy, xx - yy));
  }

  /** How far along it a place is, mm from its middle. */
  double along(Spot p) {
    return (p.x() - middle.x()) * Math.cos(angle) + (p.y() - middle.y()) * Math.sin(angle);
  }

  /** How far beside it a place is, mm. */
  double off(Spot p) {
    return (p.y() - middle.y()) * Math.cos(angle) - (p.x() - middle.x()) * Math.sin(angle);
  }

  /** c0 + c1 x + c2 x² of how far beside it places are, by how far along. */
  double[] bow(List<Spot> places) {
    return LeastSquares.polynomial(
        IntStream.range(0, places.size()).toArray(),
        i -> along(places.get(i)),
        i -> off(places.get(i)),
        2);
  }

  /** Root of the mean square of how far places are beside it, mm. */
  double spread(List<Spot> places) {
    return Math.sqrt(places.stream().mapToDouble(p -> off(p) * off(p)).average().orElse(0));
  }

  /** Where two lines cross. */
  Spot crossing(Straight other) {
    double c = Math.cos(other.angle);
    double s = Math.sin(other.angle);
    double across = Math.cos(angle) * s - Math.sin(angle) * c;
    double along =
        ((other.middle.x() - middle.x()) * s - (other.middle.y() - middle.y()) * c) / across;
    return middle.plus(along * Math.cos(angle), along * Math.sin(angle));
  }
}
