package app.geminal.vision;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Finds a line across the layers of an etched end where none is drawn: of all places where the
 * picture is striped one way, the largest, through its middle and a little beyond it at both ends.
 * It is looked at from near and from farther away, since thick layers are stripes only from there.
 */
public final class EndFinder {
  private static final int CELLS_ACROSS = 70;
  private static final int SMALLEST_CELL_PX = 10;
  private static final int LARGEST_CELL_PX = 48;

  /** A cell is striped where this share of its changes in brightness is in one direction. */
  private static final double STRIPED = 0.35;

  /** Cells with less than this share of the usual change in brightness are bare. */
  private static final double BARE = 0.12;

  /** From farther away, less change in brightness than this is the light on the bench. */
  private static final double LEAST = 120;

  /** Neighbours belong together where their stripes run the same way, radians. */
  private static final double TOGETHER = Math.toRadians(22);

  /** Fewer cells are a speck. */
  private static final int FEWEST_CELLS = 6;

  /** How far the line continues beyond the last striped cell, cells. */
  private static final double BEYOND = 1.5;

  /** The farthest it is looked at from: so many pixels are one. */
  private static final int FARTHEST = 16;

  private static final int SMALLEST_SEEN_PX = 70;

  /** What is seen from farther away must be so much larger, since its place is less sure. */
  private static final double LARGER = 2.5;

  private final Photograph photograph;
  private final int cell;
  private final int columns;
  private final int rows;
  private final double[] energy;
  private final double[] striped;
  private final double[] way;

  private EndFinder(Photograph photograph) {
    this.photograph = photograph;
    int shorter = Math.min(photograph.widthPx(), photograph.heightPx());
    cell = Math.clamp(shorter / CELLS_ACROSS, SMALLEST_CELL_PX, LARGEST_CELL_PX);
    columns = Math.max(1, photograph.widthPx() / cell);
    rows = Math.max(1, photograph.heightPx() / cell);
    energy = new double[columns * rows];
    striped = new double[columns * rows];
    way = new double[columns * rows];
    IntStream.range(0, rows).parallel().forEach(this::measureRow);
  }

  /** The line; empty where nothing is striped. */
  public static Optional<Line> line(Photograph photograph) {
    Optional<Striped> best = Optional.empty();
    Photograph seen = photograph;
    for (int scale = 1; scale <= FARTHEST && smaller(seen) >= SMALLEST_SEEN_PX; scale *= 2) {
      Optional<Striped> there = new EndFinder(seen).found(scale);
      if (there.isPresent()
          && (best.isEmpty() || there.get().areaPx() > LARGER * best.get().areaPx())) {
        best = there;
      }
      seen = seen.halved();
    }
    return best.map(Striped::line);
  }

  private static int smaller(Photograph of) {
    return Math.min(of.widthPx(), of.heightPx());
  }

  /**
   * A place that is striped one way.
   *
   * @param areaPx how large, px of the picture from near
   * @param line across it
   */
  private record Striped(double areaPx, Line line) {}

  private void measureRow(int row) {
    for (int column = 0; column < columns; column++) {
      measure(column, row);
    }
  }

  private void measure(int column, int row) {
    double xx = 0;
    double xy = 0;
    double yy = 0;
    for (int y = row * cell; y < (row + 1) * cell; y++) {
      for (int x = column * cell; x < (column + 1) * cell; x++) {
        double dx = photograph.toneAt(x + 1, y) - photograph.toneAt(x - 1, y);
        double dy = photograph.toneAt(x, y + 1) - photograph.toneAt(x, y - 1);
        xx += dx * dx;
        xy += dx * dy;
        yy += dy * dy;
      }
    }
    int i = row * columns + column;
    energy[i] = (xx + yy) / (cell * cell);
    striped[i] = Math.hypot(xx - yy, 2 * xy) / (xx + yy + 1e-9);
    way[i] = 0.5 * Math.atan2(2 * xy, xx - yy);
  }

  private Optional<Striped> found(int scale) {
    double[] sorted = energy.clone();
    Arrays.sort(sorted);
    double usual =
        Math.max(sorted[(int) (0.97 * (sorted.length - 1))], scale == 1 ? 0 : LEAST / BARE);
    int[] group = new int[energy.length];
    double best = 0;
    int bestGroup = 0;
    int groups = 0;
    for (int i = 0; i < energy.length; i++) {
      if (group[i] == 0 && isStriped(i, usual)) {
        double weight = grown(i, ++groups, group, usual);
        if (weight > best) {
          best = weight;
          bestGroup = groups;
        }
      }
    }
    int chosen = bestGroup;
    int[] cells = IntStream.range(0, group.length).filter(i -> group[i] == chosen).toArray();
    return bestGroup == 0 || cells.length < FEWEST_CELLS
        ? Optional.empty()
        : Optional.of(
            new Striped(
                cells.length * Math.pow(cell * scale, 2),
                faceToFace(across(cells, usual), scale).times(scale)));
  }

  /** Cells end near enough to the faces where layers are thin. */
  private Line faceToFace(Line line, int scale) {
    return scale == 1 ? line : Faces.on(photograph, line);
  }

  private boolean isStriped(int i, double usual) {
    return striped[i] > STRIPED && energy[i] > BARE * usual;
  }

  /** Marks all cells that belong together with one; how much they weigh. */
  private double grown(int first, int name, int[] group, double usual) {
    Deque<Integer> open = new ArrayDeque<>();
    open.add(first);
    group[first] = name;
    double weight = 0;
    while (!open.isEmpty()) {
      int i = open.remove();
      weight += Math.min(energy[i], usual) * striped[i];
      for (int dy = -1; dy <= 1; dy++) {
        for (int dx = -1; dx <= 1; dx++) {
          int column = i % columns + dx;
          int row = i / columns + dy;
          int j = row * columns + column;
          if (column >= 0
              && row >= 0
              && column < columns
              && row < rows
              && group[j] == 0
              && isStriped(j, usual)
              && Math.abs(between(way[i], way[j])) < TOGETHER) {
            group[j] = name;
            open.add(j);
          }
        }
      }
    }
    return weight;
  }

  /** From one way to another, which mean the same after half a turn, −π/2 to π/2. */
  private static double between(double a, double b) {
    double off = (b - a) % Math.PI;
    if (off > Math.PI / 2) {
      return off - Math.PI;
    }
    return off < -Math.PI / 2 ? off + Math.PI : off;
  }

  /** Through the middle of cells, at a right angle to their stripes. */
  private Line across(int[] cells, double usual) {
    double c = 0;
    double s = 0;
    double x = 0;
    double y = 0;
    double all = 0;
    for (int i : cells) {
      double weight = Math.min(energy[i], usual);
      c += weight * Math.cos(2 * way[i]);
      s += weight * Math.sin(2 * way[i]);
      x += weight * middle(i % columns);
      y += weight * middle(i / columns);
      all += weight;
    }
    double angle = 0.5 * Math.atan2(s, c);
    double ux = Math.cos(angle);
    double uy = Math.sin(angle);
    double mx = x / all;
    double my = y / all;
    double widest = 0;
    for (int i : cells) {
      widest = Math.max(widest, Math.abs(off(i, mx, my, -uy, ux)));
    }
    double band = Math.max(1.2 * cell, 0.15 * widest);
    double from = 0;
    double to = 0;
    for (int i : cells) {
      if (Math.abs(off(i, mx, my, -uy, ux)) <= band) {
        double along = off(i, mx, my, ux, uy);
        from = Math.min(from, along);
        to = Math.max(to, along);
      }
    }
    from = inside(mx, my, ux, uy, from - BEYOND * cell);
    to = inside(mx, my, ux, uy, to + BEYOND * cell);
    return new Line(mx + from * ux, my + from * uy, mx + to * ux, my + to * uy);
  }

  private double middle(int nth) {
    return (nth + 0.5) * cell;
  }

  private double off(int i, double x, double y, double ux, double uy) {
    return (middle(i % columns) - x) * ux + (middle(i / columns) - y) * uy;
  }

  /** As far that way as there is picture. */
  private double inside(double x, double y, double ux, double uy, double along) {
    double far = along;
    while (Math.abs(far) > 1 && !photograph.holds(x + far * ux, y + far * uy)) {
      far -= Math.signum(far);
    }
    return far;
  }
}
