package app.geminal.schedule;

import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Says in a line what speaks for each of several ways, and what it asks. */
public final class ScheduleExplanation {
  private final FinderQuestion question;
  private final Map<Criterion, Long> best = new EnumMap<>(Criterion.class);

  private ScheduleExplanation(List<RankedSchedule> ways, FinderQuestion question) {
    this.question = question;
    for (RankedSchedule way : ways) {
      for (Criterion criterion : Criterion.values()) {
        best.merge(criterion, way.cost(question).at(criterion), Math::min);
      }
    }
  }

  /** One line for each way, in their order; each best by something says so. */
  public static List<Message> of(List<RankedSchedule> ways, FinderQuestion question) {
    ScheduleExplanation explained = new ScheduleExplanation(ways, question);
    return ways.stream().map(explained::line).toList();
  }

  private Message line(RankedSchedule way) {
    Cost cost = way.cost(question);
    List<String> names =
        Stream.of(Criterion.values())
            .filter(c -> cost.at(c) == best.getOrDefault(c, Long.MIN_VALUE))
            .map(c -> name(c, way))
            .toList();
    List<Message> said =
        IntStream.range(0, names.size())
            .mapToObj(i -> ScheduleText.BEST.with("best", names.get(i), "first", i == 0))
            .toList();
    return ScheduleText.EXPLANATION.with(
        "best",
        said.stream()
            .reduce((first, next) -> ScheduleText.THEN.with("first", first, "next", next))
            .orElseGet(ScheduleText.COMPROMISE::with),
        "stack",
        way.extent().tallestMm() > 0 ? Quantity.mm(way.extent().tallestMm()) : "none",
        "bar",
        Quantity.mm(way.extent().longestMm()),
        "sheets",
        Math.round(way.layers().coarsePercent()),
        "lost",
        Math.round(100 * (1 - way.yield())));
  }

  private String name(Criterion criterion, RankedSchedule way) {
    return switch (criterion) {
      case STEEL -> question.from().givesLength() ? "LENGTH" : criterion.name();
      case DISTANCE -> way.layers().distance() == 0 ? "EXACT" : criterion.name();
      case WELDS, FACES, TIME, RISK, EVEN -> criterion.name();
    };
  }
}
