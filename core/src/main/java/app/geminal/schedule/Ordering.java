package app.geminal.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The order ways are shown in. */
public final class Ordering {
  /** A way without sheets is among the first so many, where there is one. */
  private static final int FIRST = 5;

  private Ordering() {}

  /**
   * Best by a criterion first, ways alike in it as they come; the best plain way among the first.
   */
  public static List<RankedSchedule> by(
      Criterion criterion, List<RankedSchedule> ways, FinderQuestion question) {
    List<RankedSchedule> ordered =
        new ArrayList<>(
            ways.stream()
                .sorted(Comparator.comparingDouble(w -> w.cost(criterion, question)))
                .toList());
    for (int i = FIRST; i < ordered.size(); i++) {
      if (ordered.subList(0, FIRST).stream().anyMatch(RankedSchedule::isPlain)) {
        break;
      }
      if (ordered.get(i).isPlain()) {
        ordered.add(FIRST - 1, ordered.remove(i));
      }
    }
    return List.copyOf(ordered);
  }
}
