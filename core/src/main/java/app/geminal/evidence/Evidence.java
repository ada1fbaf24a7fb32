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
  public record Line(String level, Tally tally) {}

  /** All welds together. */
  public static Tally all(List<Past> book) {
    return book.stream().map(p -> one(p.outcome())).reduce(Tally.NONE, Tally::plus);
  }

  /** Welds by one factor, most welds first; those nobody knows it of are left out. */
  public static List<Line> by(List<Past> book, Factor factor) {
    Map<String, Tally> levels = new TreeMap<>();
    book.forEach(p ->
        p.level(factor).ifPresent(level -> levels.merge(level, one(p.outcome()), Tally::plus)));
    return sorted(levels);
  }

  /**
   * Joints by where they lie in the stack: outermost, or further in. Only welds whose joints were
   * judged one by one, of three joints and more.
   */
  public static List<Line> byPosition(List<Past> book) {
    Map<String, Tally> levels = new TreeMap<>();
    for (Past past : book) {
      int joints = past.joints().size();
      for (int i = 0; i < joints && joints >= 3; i++) {
        String level = i == 0 || i == joints - 1 ? "outermost" : "inside";
        levels.merge(level, one(past.joints().get(i)), Tally::plus);
      }
    }
    return sorted(levels);
  }

  private static List<Line> sorted(Map<String, Tally> levels) {
    List<Line> lines = new ArrayList<>();
    levels.forEach((level, tally) -> lines.add(new Line(level, tally)));
    lines.sort((a, b) -> Integer.compare(b.tally().decided(), a.tally().decided()));
    return List.copyOf(lines);
  }

  private static Tally one(WeldOutcome outcome) {
    return switch (outcome) {
      case HELD -> new Tally(1, 0, 0);
      case OPEN -> new Tally(0, 1, 0);
      case SUSPECT -> new Tally(0, 0, 1);
    };
  }
}
