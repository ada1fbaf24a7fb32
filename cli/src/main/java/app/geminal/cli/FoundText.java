package app.geminal.cli;

import app.geminal.schedule.Census;
import app.geminal.schedule.Outcome;
import app.geminal.schedule.Question;
import app.geminal.schedule.Ruling;
import app.geminal.schedule.Way;
import app.geminal.units.UnitSystem;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;

/** What the Finder found, for reading. */
final class FoundText {
  private final PrintWriter out;
  private final UnitSystem units;

  FoundText(PrintWriter out, UnitSystem units) {
    this.out = out;
    this.units = units;
  }

  void print(Outcome outcome, Question question, List<Way> ways, List<String> lines, int show) {
    Census census = outcome.census();
    say(
        String.format(
            Locale.ROOT,
            "%,d schedules reach the count, %,d keep to the limits, %,d are worth choosing.",
            census.reaching(),
            census.keeping(),
            ways.size()));
    for (Census.RuledOut ruled : census.ruledOut()) {
      say(String.format(Locale.ROOT, "  %s", Show.words(Ruling.words(ruled, question), units)));
    }
    if (census.tooThin() > 0) {
      say(
          String.format(
              Locale.ROOT,
              "  %,d end with too little section for the finished bar",
              census.tooThin()));
    }
    switch (outcome) {
      case Outcome.Stopped stopped ->
          say(
              String.format(
                  Locale.ROOT,
                  "Stopped: everything up to %d restacks was seen.",
                  stopped.restacksSeen()));
      case Outcome.Nothing nothing -> nothing.relaxations().forEach(this::relaxation);
      case Outcome.Found _ -> {}
    }
    for (int i = 0; i < Math.min(show, ways.size()); i++) {
      Way way = ways.get(i);
      say("");
      say(String.format(Locale.ROOT, "%s", way.schedule().words()));
      say(
          String.format(
              Locale.ROOT,
              "  %,d layers, %d welds, %d faces, %.2f kg, %.1f h, %.0f %% that all hold; pieces %s %s long",
              way.visible(),
              way.welds(),
              way.faces(),
              way.startKg(),
              way.work().minutes() / 60,
              100 * way.chance(),
              Show.length(way.startMm(), units),
              units == UnitSystem.METRIC ? "mm" : "in"));
      say(String.format(Locale.ROOT, "  %s", Show.words(lines.get(i), units)));
    }
    if (ways.size() > show) {
      say("");
      say(
          String.format(
              Locale.ROOT, "%d more; --show and --best choose others.", ways.size() - show));
    }
  }

  private void relaxation(Outcome.Relaxation relaxation) {
    relaxation
        .limits()
        .forEach((limit, to) ->
            say(
                String.format(
                    Locale.ROOT,
                    "  allow %s %s",
                    limit.words(),
                    Show.words(Ruling.figure(limit, to), units))));
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
