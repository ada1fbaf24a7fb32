package app.geminal.vision;

import java.util.List;

/**
 * Both faces of an end along a line that was laid roughly: from the middle outwards as long as one
 * boundary follows another as closely as layers are thick.
 */
final class Faces {
  /** Only boundaries that are clear from afar: the bench has fainter ones. */
  private static final double CLEAR = 0.25;

  private static final int HALF_PX = 12;

  /** How far beyond the line it is tried, shares of its length. */
  private static final double BEYOND = 0.5;

  /** Layers are rarely so many times as thick as usual. */
  private static final double THICKEST = 3;

  /** How far the new line continues beyond the faces, layers. */
  private static final double MARGIN = 0.5;

  private Faces() {}

  /** The part of a line from face to face, and a little more; the line itself where it has none. */
  static Line on(Photograph photograph, Line line) {
    double beyond = Math.ceil(BEYOND * line.lengthPx());
    float[][] threads = new Ribbon(photograph, line, beyond, HALF_PX).threads();
    int first = (int) beyond;
    int last = threads[0].length - 1 - first;
    List<Double> places = new Boundaries(Profile.of(threads), first, last).places(CLEAR, 0);
    List<Double> within = places.stream().filter(p -> p >= first && p <= last).toList();
    if (within.size() < 3) {
      return line;
    }
    double[] gaps = Stripes.gaps(within);
    double usual = gaps[gaps.length / 2];
    int middle = nearest(places, (first + last) / 2.0);
    double from = outwards(places, middle, -1, THICKEST * usual) - MARGIN * usual - beyond;
    double to = outwards(places, middle, 1, THICKEST * usual) + MARGIN * usual - beyond;
    return part(photograph, line, from, to);
  }

  private static int nearest(List<Double> places, double to) {
    int nearest = 0;
    for (int i = 1; i < places.size(); i++) {
      if (Math.abs(places.get(i) - to) < Math.abs(places.get(nearest) - to)) {
        nearest = i;
      }
    }
    return nearest;
  }

  private static double outwards(List<Double> places, int middle, int way, double farthest) {
    int at = middle;
    while (at + way >= 0
        && at + way < places.size()
        && Math.abs(places.get(at + way) - places.get(at)) <= farthest) {
      at += way;
    }
    return places.get(at);
  }

  private static Line part(Photograph photograph, Line line, double fromPx, double toPx) {
    double x = line.alongX();
    double y = line.alongY();
    return new Line(
        Math.clamp(line.x1() + fromPx * x, 0, photograph.widthPx()),
        Math.clamp(line.y1() + fromPx * y, 0, photograph.heightPx()),
        Math.clamp(line.x1() + toPx * x, 0, photograph.widthPx()),
        Math.clamp(line.y1() + toPx * y, 0, photograph.heightPx()));
  }
}
