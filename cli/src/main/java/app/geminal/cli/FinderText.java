package app.geminal.cli;

import app.geminal.schedule.Census;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.LimitText;
import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.SearchOutcome;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;

/** What the Finder found, for reading. */
final class FinderText {
  private final PrintWriter out;
  private final Units units;

  FinderText(PrintWriter out, Units units) {
    this.out = out;
    this.units = units;
  }

  void print(
      SearchOutcome outcome,
      FinderQuestion question,
      List<RankedSchedule> ways,
      List<Message> lines,
      int show) {
    Census census = outcome.census();
    say(
        String.format(
            Locale.ROOT,
            "%,d schedules reach the count, %,d satisfy the limits, %,d are recommended.",
            census.reaching(),
            census.keeping(),
            ways.size()));
    for (Census.RuledOut ruled : census.ruledOut()) {
      say(String.format(Locale.ROOT, "  %s", LimitText.words(ruled, question).read(units)));
    }
    if (census.tooThin() > 0) {
      say(
          String.format(
              Locale.ROOT,
              "  %,d end with a section too small for the finished bar",
              census.tooThin()));
    }
    switch (outcome) {
      case SearchOutcome.Stopped stopped ->
          say(
              String.format(
                  Locale.ROOT,
                  "Cancelled: everything up to %d restacks was searched.",
                  stopped.restacksSeen()));
      case SearchOutcome.Nothing nothing -> nothing.relaxations().forEach(this::relaxation);
      case SearchOutcome.Found _ -> {}
    }
    for (int i = 0; i < Math.min(show, ways.size()); i++) {
      RankedSchedule way = ways.get(i);
      say("");
      say(String.format(Locale.ROOT, "%s", way.schedule().words().read(units)));
      say(
          String.format(
              Locale.ROOT,
              "  %,d layers, %d welds, %d faces, %s, %.1f h, %s chance all welds hold; pieces %s long",
              way.visible(),
              way.welds(),
              way.faces(),
              Quantity.kg(way.startKg()).format(units),
              way.work().minutes() / 60,
              Quantity.share(way.chance()).format(units),
              Quantity.mm(way.startMm()).format(units)));
      say(String.format(Locale.ROOT, "  %s", lines.get(i).read(units)));
    }
    if (ways.size() > show) {
      say("");
      say(String.format(Locale.ROOT, "%d more: use --show and --best.", ways.size() - show));
    }
  }

  private void relaxation(SearchOutcome.Relaxation relaxation) {
    relaxation
        .limits()
        .forEach((limit, to) ->
            say(
                String.format(
                    Locale.ROOT, "  relax limit: %s", LimitText.changed(limit, to).read(units))));
    relaxation
        .tolerance()
        .ifPresent(t ->
            say(
                String.format(
                    Locale.ROOT,
                    "  the nearest is within %.1f %%: --within %.1f",
                    100 * t,
                    100 * t)));
  }

  private void say(String words) {
    out.println(words);
  }
}
