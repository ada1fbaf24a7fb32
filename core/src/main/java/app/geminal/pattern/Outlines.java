package app.geminal.pattern;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Where each steel of a view begins and ends, as closed rings. A ring is where a steel fills half
 * of a pixel, taken between the middles of pixels, so it is right to a fraction of one; holes are
 * rings of their own (fill by the even-odd rule).
 */
public final class Outlines {
  /** Corners that lie this close to the line between their neighbours are left out, pixels. */
  private static final double STRAIGHT_PX = 0.04;

  private final Pane pane;
  private final float[] share;
  private final int columns;
  private final int edges;

  private Outlines(Pane pane, float[] share) {
    this.pane = pane;
    this.share = share;
    this.columns = pane.widthPx() + 2;
    this.edges = columns * (pane.heightPx() + 2);
  }

  /** A place on a view, mm from its left and over its lower edge. */
  public record Corner(double rightMm, double upMm) {}

  /**
   * The rings of every steel.
   *
   * @param pane what part of the view, and how finely it is looked at
   * @param steels designations
   * @return for each steel its rings, none where it does not show
   */
  public static Map<String, List<List<Corner>>> of(
      SectionView sight, Pane pane, List<String> steels) {
    Map<String, List<List<Corner>>> rings = new LinkedHashMap<>();
    for (String steel : steels) {
      rings.put(steel, new Outlines(pane, Painter.shares(sight, pane, steel)).rings());
    }
    return rings;
  }

  /** Share of the steel at a place of the lattice, which has a margin of nothing all round. */
  private double at(int column, int row) {
    boolean outside = column < 1 || row < 1 || column > pane.widthPx() || row > pane.heightPx();
    return outside ? 0 : share[(row - 1) * pane.widthPx() + column - 1];
  }

  /**
   * Each lattice place has two edges: 2n to its right neighbour and 2n + 1 to the one below. Every
   * edge that a ring crosses knows the one the ring crosses next, the steel always on one side.
   */
  private List<List<Corner>> rings() {
    int[] next = new int[2 * edges];
    Arrays.fill(next, -1);
    for (int row = 0; row <= pane.heightPx(); row++) {
      for (int column = 0; column <= pane.widthPx(); column++) {
        cross(column, row, next);
      }
    }
    List<List<Corner>> rings = new ArrayList<>();
    for (int edge = 0; edge < next.length; edge++) {
      if (next[edge] >= 0) {
        rings.add(ring(edge, next));
      }
    }
    return rings;
  }

  private void cross(int column, int row, int[] next) {
    double a = at(column, row);
    double b = at(column + 1, row);
    double c = at(column + 1, row + 1);
    double d = at(column, row + 1);
    int inside = (in(a) ? 8 : 0) | (in(b) ? 4 : 0) | (in(c) ? 2 : 0) | (in(d) ? 1 : 0);
    int here = row * columns + column;
    int top = 2 * here;
    int bottom = 2 * (here + columns);
    int left = 2 * here + 1;
    int right = 2 * (here + 1) + 1;
    boolean joined = in((a + b + c + d) / 4);
    switch (inside) {
      case 1 -> next[bottom] = left;
      case 2 -> next[right] = bottom;
      case 3 -> next[right] = left;
      case 4 -> next[top] = right;
      case 5 -> {
        next[top] = joined ? left : right;
        next[bottom] = joined ? right : left;
      }
      case 6 -> next[top] = bottom;
      case 7 -> next[top] = left;
      case 8 -> next[left] = top;
      case 9 -> next[bottom] = top;
      case 10 -> {
        next[left] = joined ? bottom : top;
        next[right] = joined ? top : bottom;
      }
      case 11 -> next[right] = top;
      case 12 -> next[left] = right;
      case 13 -> next[bottom] = right;
      case 14 -> next[left] = bottom;
      default -> {}
    }
  }

  private static boolean in(double share) {
    return share >= 0.5;
  }

  private List<Corner> ring(int first, int[] next) {
    List<Corner> corners = new ArrayList<>();
    int edge = first;
    while (next[edge] >= 0) {
      corners.add(corner(edge));
      int following = next[edge];
      next[edge] = -1;
      edge = following;
    }
    return straightened(corners);
  }

  private Corner corner(int edge) {
    int place = edge / 2;
    int column = place % columns;
    int row = place / columns;
    boolean across = edge % 2 == 0;
    double from = at(column, row);
    double to = across ? at(column + 1, row) : at(column, row + 1);
    double part = (0.5 - from) / (to - from);
    // Places of the lattice are the middles of pixels, one further because of the margin.
    return new Corner(
        pane.atColumn(column - 0.5 + (across ? part : 0)),
        pane.atRow(row - 0.5 + (across ? 0 : part)));
  }

  private List<Corner> straightened(List<Corner> corners) {
    double pixel = pane.widthMm() / pane.widthPx();
    List<Corner> kept = new ArrayList<>();
    for (int i = 0; i < corners.size(); i++) {
      Corner here = corners.get(i);
      Corner after = corners.get((i + 1) % corners.size());
      if (kept.isEmpty() || offLine(kept.getLast(), here, after) > STRAIGHT_PX * pixel) {
        kept.add(here);
      }
    }
    return kept;
  }

  private static double offLine(Corner from, Corner corner, Corner to) {
    double right = to.rightMm() - from.rightMm();
    double up = to.upMm() - from.upMm();
    double length = Math.hypot(right, up);
    return length == 0
        ? Math.hypot(corner.rightMm() - from.rightMm(), corner.upMm() - from.upMm())
        : Math.abs(right * (corner.upMm() - from.upMm()) - up * (corner.rightMm() - from.rightMm()))
            / length;
  }
}
