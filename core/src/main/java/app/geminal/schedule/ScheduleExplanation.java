package app.geminal.schedule;

import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

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
  public static List<String> of(List<RankedSchedule> ways, FinderQuestion question) {
    ScheduleExplanation explained = new ScheduleExplanation(ways, question);
    return ways.stream().map(explained::line).toList();
  }

  private String line(RankedSchedule way) {
    List<String> said = new ArrayList<>();
    Cost cost = way.cost(question);
    for (Criterion criterion : Criterion.values()) {
      if (cost.at(criterion) == best.getOrDefault(criterion, Long.MIN_VALUE)) {
        said.add(name(criterion, way));
      }
    }
    String first = said.isEmpty() ? "a compromise" : String.join(", ", said);
    List<String> all = new ArrayList<>(List.of(capital(first)));
    if (way.tallestMm() > 0) {
      all.add(Text.of("stack %s high", Measure.mm(way.tallestMm())));
    }
    all.add(Text.of("bar %s long", Measure.mm(way.longestMm())));
    if (way.coarsePercent() > 0) {
      all.add(Text.of("%.0f%% of the height in broad sheets", way.coarsePercent()));
    }
    all.add(Text.of("%.0f%% lost", 100 * (1 - way.yield())));
    return String.join("; ", all) + ".";
  }

  private String name(Criterion criterion, RankedSchedule way) {
    return switch (criterion) {
      case STEEL -> question.from().givesLength() ? "the longest finished bar" : criterion.best();
      case DISTANCE -> way.distance() == 0 ? "exact count" : criterion.best();
      case WELDS, FACES, TIME, RISK, EVEN -> criterion.best();
    };
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
