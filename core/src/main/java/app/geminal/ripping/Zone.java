package app.geminal.ripping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A rectangle of a plate that can be used, in hundredths of a millimeter.
 *
 * @param x where it begins across the width
 * @param y where it begins along the length
 * @param width of it
 * @param length of it
 */
record Zone(long x, long y, long width, long length) {
  static final double PER_MM = 100;

  static long units(double mm) {
    return Math.round(mm * PER_MM);
  }

  /**
   * Where cuts can be that pieces side by side end at.
   *
   * @param across sums of sizes across the width, each with its kerf, 0 among them
   * @param along the same along the length
   */
  record Ends(List<Long> across, List<Long> along) {}

  /** Ends before and after a hole that are tried. */
  private static final int MOST_ENDS = 6;

  /** Ways to pass around holes that are tried; more holes leave fewer for each. */
  private static final int MOST_WAYS = 240;

  /** What is within the strips that are left off along the edges. */
  static Zone within(Plate plate) {
    Plate.Worn worn = plate.worn();
    return new Zone(
        units(worn.left()),
        units(worn.near()),
        units(plate.widthMm() - worn.left() - worn.right()),
        units(plate.lengthMm() - worn.near() - worn.far()));
  }

  /**
   * The ways to divide what can be used of a plate into rectangles, by cuts that pass around its
   * holes; each is a list of rectangles that do not overlap, a kerf apart.
   */
  static List<List<Zone>> of(Plate plate, long kerf, Ends ends) {
    return within(plate).around(plate.holes(), kerf, ends, MOST_WAYS);
  }

  private List<List<Zone>> around(List<Plate.Hole> holes, long kerf, Ends ends, int mostWays) {
    Optional<Plate.Hole> hole = holes.stream().filter(this::holds).findFirst();
    if (hole.isEmpty()) {
      return List.of(width > 0 && length > 0 ? List.of(this) : List.of());
    }
    long half = units(hole.get().acrossMm() / 2);
    long left = units(hole.get().xMm()) - half - x;
    long right = width - (units(hole.get().xMm()) + half - x);
    long near = units(hole.get().yMm()) - half - y;
    long far = length - (units(hole.get().yMm()) + half - y);
    List<List<Zone>> ways = new ArrayList<>();
    for (long before : upTo(ends.across(), left)) {
      for (long after : upTo(ends.across(), right)) {
        long middle = width - before - after;
        List<Zone> parts =
            List.of(
                part(0, 0, before - kerf, length),
                part(width - after + kerf, 0, after - kerf, length),
                part(before, 0, middle, near - kerf),
                part(before, length - far + kerf, middle, far - kerf));
        ways.addAll(together(parts, holes, kerf, ends, mostWays));
      }
    }
    for (long before : upTo(ends.along(), near)) {
      for (long after : upTo(ends.along(), far)) {
        long middle = length - before - after;
        List<Zone> parts =
            List.of(
                part(0, 0, width, before - kerf),
                part(0, length - after + kerf, width, after - kerf),
                part(0, before, left - kerf, middle),
                part(width - right + kerf, before, right - kerf, middle));
        ways.addAll(together(parts, holes, kerf, ends, mostWays));
      }
    }
    return ways.size() > mostWays ? ways.subList(0, mostWays) : ways;
  }

  /** Ends that have room, the farthest first. */
  private static List<Long> upTo(List<Long> ends, long room) {
    List<Long> fit = ends.stream().filter(e -> e <= Math.max(0, room)).toList();
    return fit.reversed().stream().limit(MOST_ENDS).toList();
  }

  private Zone part(long fromX, long fromY, long partWidth, long partLength) {
    long left = Math.max(0, fromX);
    long near = Math.max(0, fromY);
    return new Zone(
        x + left,
        y + near,
        Math.min(partWidth - (left - fromX), width - left),
        Math.min(partLength - (near - fromY), length - near));
  }

  /** Every way of each part with every way of the others. */
  private static List<List<Zone>> together(
      List<Zone> parts, List<Plate.Hole> holes, long kerf, Ends ends, int mostWays) {
    List<List<Zone>> ways = List.of(List.of());
    for (Zone part : parts) {
      if (part.width <= 0 || part.length <= 0) {
        continue;
      }
      List<List<Zone>> more = new ArrayList<>();
      for (List<Zone> way : ways) {
        for (List<Zone> inside : part.around(holes, kerf, ends, Math.max(1, mostWays / 12))) {
          List<Zone> both = new ArrayList<>(way);
          both.addAll(inside);
          more.add(both);
        }
      }
      ways = more.size() > mostWays ? more.subList(0, mostWays) : more;
    }
    return ways;
  }

  private boolean holds(Plate.Hole hole) {
    long half = units(hole.acrossMm() / 2);
    long middleX = units(hole.xMm());
    long middleY = units(hole.yMm());
    return middleX + half > x
        && middleX - half < x + width
        && middleY + half > y
        && middleY - half < y + length;
  }
}
