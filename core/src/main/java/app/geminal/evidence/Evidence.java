package app.geminal.evidence;

import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Plain counts of a Book, by what its welds have in common. */
public final class Evidence {
  private Evidence() {}

  /** One level of a factor, and the welds that have it. */
  public record Line(String level, WeldTally tally) {}

  /** All welds together. */
  public static WeldTally all(List<WeldObservation> book) {
    return book.stream().map(p -> one(p.outcome())).reduce(WeldTally.NONE, WeldTally::plus);
  }

  /** Welds by one factor, most welds first; those no one knows it of are left out. */
  public static List<Line> by(List<WeldObservation> book, Factor factor) {
    Map<String, WeldTally> levels = new TreeMap<>();
    book.forEach(p ->
        p.level(factor).ifPresent(level -> levels.merge(level, one(p.outcome()), WeldTally::plus)));
    return sorted(levels);
  }

  /**
   * Joints by where they lie in the stack: outermost, or further in. Only welds whose joints were
   * judged one by one, of three joints and more.
   */
  public static List<Line> byPosition(List<WeldObservation> book) {
    Map<String, WeldTally> levels = new TreeMap<>();
    for (WeldObservation past : book) {
      int joints = past.joints().size();
      for (int i = 0; i < joints && joints >= 3; i++) {
        String level = i == 0 || i == joints - 1 ? "outermost" : "inside";
        levels.merge(level, one(past.joints().get(i)), WeldTally::plus);
      }
    }
    return sorted(levels);
  }

  private static List<Line> sorted(Map<String, WeldTally> levels) {
    List<Line> lines = new ArrayList<>();
    levels.forEach((level, tally) -> lines.add(new Line(level, tally)));
    lines.sort((a, b) -> Integer.compare(b.tally().judged(), a.tally().judged()));
    return List.copyOf(lines);
  }

  private static WeldTally one(WeldOutcome outcome) {
    return switch (outcome) {
      case HELD -> new WeldTally(1, 0, 0);
      case OPEN -> new WeldTally(0, 1, 0);
      case SUSPECT -> new WeldTally(0, 0, 1);
    };
  }
}
