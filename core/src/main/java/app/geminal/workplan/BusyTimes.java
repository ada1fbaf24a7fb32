package app.geminal.workplan;

import java.util.Arrays;

/** When a station or a person is busy on one day; no order among the times. Mutable. */
final class BusyTimes {
  private int[] from = new int[8];
  private int[] to = new int[8];
  private int count;

  void add(int fromMin, int toMin) {
    if (count == from.length) {
      from = Arrays.copyOf(from, 2 * count);
      to = Arrays.copyOf(to, 2 * count);
    }
    from[count] = fromMin;
    to[count] = toMin;
    count++;
  }

  /** Takes back what was added. */
  void remove(int fromMin, int toMin) {
    for (int i = count - 1; i >= 0; i--) {
      if (from[i] == fromMin && to[i] == toMin) {
        count--;
        from[i] = from[count];
        to[i] = to[count];
        return;
      }
    }
    throw new IllegalStateException("Nothing of the kind was added.");
  }

  void clear() {
    count = 0;
  }

  /**
   * The first minute a span has to wait for, because too many others are there in it; 0 where there
   * is room for it.
   *
   * @param places how many there can be at once
   */
  int waitsUntil(int fromMin, int toMin, int places) {
    int soonest = Integer.MAX_VALUE;
    boolean full = false;
    for (int i = 0; i < count; i++) {
      if (from[i] < toMin && fromMin < to[i]) {
        soonest = Math.min(soonest, to[i]);
        // Most are there at a moment when one comes, or at the begin.
        full = full || present(Math.max(from[i], fromMin)) >= places;
      }
    }
    return full ? soonest : 0;
  }

  private int present(int minute) {
    int there = 0;
    for (int i = 0; i < count; i++) {
      if (from[i] <= minute && minute < to[i]) {
        there++;
      }
    }
    return there;
  }
}
