package app.geminal.vision;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A rectangle on the plane, mm.
 *
 * @param middle of it
 * @param angle of its longer side, radians
 * @param longMm its longer side
 * @param shortMm its shorter side
 */
record Rectangle(Spot middle, double angle, double longMm, double shortMm) {

  private static final double COARSE_RAD = Math.toRadians(6);
  private static final double STEP_RAD = Math.toRadians(1.5);
  private static final int MOST_PLACES = 1500;

  /** A row counts as the piece's where it holds so much of what its middle rows do. */
  private static final double HELD = 0.5;

  /**
   * The one that places fill best; what sticks out at an edge, a scratch or a finger, is left out.
   *
   * @param places of cells that are all of a piece
   * @param cellMm their size
   */
  static Rectangle filledBy(List<Spot> places, double cellMm) {
    int every = Math.max(1, places.size() / MOST_PLACES);
    double[] x = new double[places.size() / every];
    double[] y = new double[x.length];
    for (int i = 0; i < x.length; i++) {
      x[i] = places.get(i * every).x();
      y[i] = places.get(i * every).y();
    }
    double each = cellMm * cellMm * every;
    Fit best = new Fit(new Rectangle(new Spot(0, 0), 0, 0, 0), -1);
    for (double angle = 0; angle < Math.PI; angle += COARSE_RAD) {
      best = best.orBetter(fit(x, y, angle, cellMm, each));
    }
    double coarse = best.rectangle.angle;
    for (double off = -COARSE_RAD; off <= COARSE_RAD; off += STEP_RAD) {
      best = best.orBetter(fit(x, y, coarse + off, cellMm, each));
    }
    return best.rectangle;
  }

  /** How well a rectangle fits: how full it is, and how much of all is in it. */
  private record Fit(Rectangle rectangle, double worth) {
    Fit orBetter(Fit other) {
      return other.worth > worth ? other : this;
    }
  }

  private static Fit fit(double[] x, double[] y, double angle, double cellMm, double each) {
    Rectangle there = along(x, y, angle, cellMm);
    long inside = there.holds(x, y);
    double filled = Math.min(1, inside * each / Math.max(each, there.area()));
    return new Fit(there, filled * inside / Math.max(1, x.length));
  }

  private static Rectangle along(double[] x, double[] y, double angle, double cellMm) {
    double c = Math.cos(angle);
    double s = Math.sin(angle);
    double[] a = new double[x.length];
    double[] b = new double[x.length];
    for (int i = 0; i < x.length; i++) {
      a[i] = x[i] * c + y[i] * s;
      b[i] = y[i] * c - x[i] * s;
    }
    LineRange along = held(a, cellMm);
    LineRange across = held(b, cellMm);
    Spot middle =
        new Spot(
            along.middle() * c - across.middle() * s, along.middle() * s + across.middle() * c);
    return along.length() >= across.length()
        ? new Rectangle(middle, angle, along.length(), across.length())
        : new Rectangle(middle, angle + Math.PI / 2, across.length(), along.length());
  }

  private record LineRange(double from, double to) {
    double middle() {
      return (from + to) / 2;
    }

    double length() {
      return to - from;
    }
  }

  /** From where to where rows are about as full as the usual one. */
  private static LineRange held(double[] of, double cellMm) {
    double least = Arrays.stream(of).min().orElse(0);
    double most = Arrays.stream(of).max().orElse(0);
    double row = Math.max(2 * cellMm, (most - least) / 150);
    int[] counts = new int[(int) ((most - least) / row) + 1];
    for (double at : of) {
      counts[(int) ((at - least) / row)]++;
    }
    int[] sorted = counts.clone();
    Arrays.sort(sorted);
    // Half of all places are in rows at least as full.
    int sum = 0;
    int usual = 0;
    for (int i = sorted.length - 1; i >= 0 && 2 * sum < of.length; i--) {
      usual = sorted[i];
      sum += sorted[i];
    }
    int from = 0;
    int to = counts.length - 1;
    while (from < to && counts[from] < HELD * usual) {
      from++;
    }
    while (to > from && counts[to] < HELD * usual) {
      to--;
    }
    return new LineRange(least + from * row, Math.min(most, least + (to + 1) * row));
  }

  private long holds(double[] x, double[] y) {
    double c = Math.cos(angle);
    double s = Math.sin(angle);
    return IntStream.range(0, x.length)
        .filter(i -> {
          double dx = x[i] - middle.x();
          double dy = y[i] - middle.y();
          return Math.abs(dx * c + dy * s) <= longMm / 2
              && Math.abs(dy * c - dx * s) <= shortMm / 2;
        })
        .count();
  }

  double area() {
    return longMm * shortMm;
  }

  /** Whether the middle of either is in the other. */
  boolean overlaps(Rectangle other) {
    return holds(other.middle) || other.holds(middle);
  }

  private boolean holds(Spot at) {
    return holds(new double[] {at.x()}, new double[] {at.y()}) == 1;
  }

  /** A place of it: along the longer side and across, mm from its middle. */
  Spot at(double along, double across) {
    double c = Math.cos(angle);
    double s = Math.sin(angle);
    return new Spot(middle.x() + along * c - across * s, middle.y() + along * s + across * c);
  }
}
