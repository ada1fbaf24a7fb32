package app.geminal.evidence;

import app.geminal.weld.WeldOutcome;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Plain counts of a Book, by what its welds have in common. */
public final class Evidence {
  private Evidence() {}

  /**
   * One level of a factor, and the welds that have it.
   *
   * @param tally of the shop's own
   * @param others of all other shops together
   */
  public record Line(String level, WeldTally tally, WeldTally others) {}

  /** All welds together. */
  public static WeldTally all(List<WeldObservation> book) {
    return book.stream().map(p -> one(p.outcome())).reduce(WeldTally.NONE, WeldTally::plus);
  }

  /** Welds by one factor, most welds first; those no one knows it of are left out. */
  public static List<Line> by(List<WeldObservation> book, Factor factor) {
    return by(book, List.of(), factor);
  }

  /**
   * The same beside those of other shops, most own welds first.
   *
   * @param others welds of other shops, whose smiths are not compared
   */
  public static List<Line> by(
      List<WeldObservation> book, List<WeldObservation> others, Factor factor) {
    return sorted(levels(book, factor), factor == Factor.SMITH ? Map.of() : levels(others, factor));
  }

  private static Map<String, WeldTally> levels(List<WeldObservation> book, Factor factor) {
    Map<String, WeldTally> levels = new TreeMap<>();
    book.forEach(p ->
        p.level(factor).ifPresent(level -> levels.merge(level, one(p.outcome()), WeldTally::plus)));
    return levels;
  }

  /**
   * Joints by where they lie in the stack: outermost, or further in. Only welds whose joints were
   * judged one by one, of three joints and more.
   */
  public static List<Line> byPosition(List<WeldObservation> book, List<WeldObservation> others) {
    return sorted(positions(book), positions(others));
  }

  private static Map<String, WeldTally> positions(List<WeldObservation> book) {
    Map<String, WeldTally> levels = new TreeMap<>();
    for (WeldObservation past : book) {
      int joints = past.joints().size();
      for (int i = 0; i < joints && joints >= 3; i++) {
        String level = i == 0 || i == joints - 1 ? "outermost" : "inside";
        levels.merge(level, one(past.joints().get(i)), WeldTally::plus);
      }
    }
    return levels;
  }

  private static List<Line> sorted(Map<String, WeldTally> own, Map<String, WeldTally> others) {
    return Stream.concat(own.keySet().stream(), others.keySet().stream())
        .distinct()
        .map(level ->
            new Line(
                level,
                own.getOrDefault(level, WeldTally.NONE),
                others.getOrDefault(level, WeldTally.NONE)))
        .sorted(
            Comparator.comparingInt((Line line) -> line.tally().judged())
                .thenComparingInt(line -> line.others().judged())
                .reversed())
        .toList();
  }

  private static WeldTally one(WeldOutcome outcome) {
    return switch (outcome) {
      case HELD -> new WeldTally(1, 0, 0);
      case OPEN -> new WeldTally(0, 1, 0);
      case SUSPECT -> new WeldTally(0, 0, 1);
    };
  }
}
