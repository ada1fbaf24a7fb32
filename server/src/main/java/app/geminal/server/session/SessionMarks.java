package app.geminal.server.session;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;

/**
 * How a billet was every few minutes of a session. When a late tap or an undo changes the past, the
 * session continues from the last moment it does not touch instead of from its beginning. Not for
 * threads.
 */
final class SessionMarks {
  private static final int EVERY_S = 600;

  private final TreeMap<Integer, Moment> moments = new TreeMap<>();

  /** A moment: how it was after that second, and which entries were done by then. */
  record Moment(int second, TrackedBillet followed, Set<String> done) {}

  /** Keeps the state of a billet when it is time to. */
  void passed(int second, TrackedBillet followed) {
    if (second % EVERY_S == 0) {
      moments.put(second, new Moment(second, followed.copy(), followed.course().ids()));
    }
  }

  /**
   * The last moment that a change leaves as it was; what comes after it is forgotten.
   *
   * @param fromS the first second that changes
   * @param counting entries that count now, those of the changed past among them
   * @return null where everything begins again
   */
  @org.jspecify.annotations.Nullable
  Moment before(double fromS, List<String> counting) {
    moments.tailMap((int) Math.ceil(Math.max(0, fromS)), /* inclusive= */ true).clear();
    Set<String> there = new HashSet<>(counting);
    while (!moments.isEmpty()) {
      Moment last = moments.lastEntry().getValue();
      if (there.containsAll(last.done())) {
        return last;
      }
      moments.pollLastEntry();
    }
    return null;
  }
}
