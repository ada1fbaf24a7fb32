package app.geminal.instrument;

import java.util.ArrayList;
import java.util.List;

/**
 * Which readings of a session that is over are kept: the first and the last, and of the others as
 * few as let a straight line between neighbours pass every reading within a tolerance; none further
 * apart than {@value #LONGEST_GAP_S} s. What was said by an instrument that was not believed is
 * kept whole, because it is the record of a fault.
 */
public final class Downsampling {
  /** No two kept readings lie further apart, s. */
  public static final int LONGEST_GAP_S = 60;

  private Downsampling() {}

  /** One reading: second of the session, value, whether it was believed. */
  public record Reading(long second, double value, boolean believed) {}

  /**
   * The readings to keep, of one channel and in order.
   *
   * @param tolerance in the channel's unit, above 0
   */
  public static List<Reading> kept(List<Reading> all, double tolerance) {
    List<Reading> kept = new ArrayList<>();
    int from = 0;
    for (int i = 0; i < all.size(); i++) {
      boolean edge = i == 0 || i == all.size() - 1;
      Reading here = all.get(i);
      boolean fault =
          !here.believed() || (i > 0 && !all.get(i - 1).believed()) || !nextBelieved(all, i);
      if (edge || fault || !straight(all, from, i + 1, tolerance)) {
        kept.add(here);
        from = i;
      }
    }
    return kept;
  }

  private static boolean nextBelieved(List<Reading> all, int i) {
    return i == all.size() - 1 || all.get(i + 1).believed();
  }

  private static boolean straight(List<Reading> all, int from, int to, double tolerance) {
    Reading a = all.get(from);
    Reading b = all.get(to);
    if (b.second() - a.second() > LONGEST_GAP_S) {
      return false;
    }
    double slope = (b.value() - a.value()) / (b.second() - a.second());
    for (int i = from + 1; i < to; i++) {
      Reading r = all.get(i);
      double line = a.value() + slope * (r.second() - a.second());
      if (Math.abs(r.value() - line) > tolerance) {
        return false;
      }
    }
    return true;
  }
}
