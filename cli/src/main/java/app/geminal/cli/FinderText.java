package app.geminal.cli;

import app.geminal.finder.SearchOutcome;
import app.geminal.schedule.Census;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.LimitText;
import app.geminal.schedule.RankedSchedule;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import java.io.PrintWriter;
import java.util.List;

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
        CliText.SCHEDULES.with(
            "reach", census.reaching(), "satisfy", census.keeping(), "recommended", ways.size()));
    for (Census.RuledOut ruled : census.ruledOut()) {
      say("  ", LimitText.words(ruled, question));
    }
    if (census.tooThin() > 0) {
      say("  ", CliText.TOO_SMALL.with("schedules", census.tooThin()));
    }
    switch (outcome) {
      case SearchOutcome.Stopped stopped ->
          say(CliText.CANCELLED.with("restacks", stopped.restacksSeen()));
      case SearchOutcome.Nothing nothing -> nothing.relaxations().forEach(this::relaxation);
      case SearchOutcome.Found _ -> {}
    }
    for (int i = 0; i < Math.min(show, ways.size()); i++) {
      RankedSchedule way = ways.get(i);
      out.println();
      say(way.schedule().words());
      say(
          "  ",
          CliText.SCHEDULE.with(
              "layers",
              way.layers().visible(),
              "welds",
              way.effort().welds(),
              "faces",
              way.effort().faces(),
              "steel",
              Quantity.kg(way.startKg()),
              "hours",
              way.effort().work().minutes() / 60,
              "chance",
              Quantity.share(way.effort().chance()),
              "length",
              Quantity.mm(way.startMm())));
      say("  ", lines.get(i));
    }
    if (ways.size() > show) {
      out.println();
      say(CliText.MORE.with("schedules", ways.size() - show));
    }
  }

  private void relaxation(SearchOutcome.Relaxation relaxation) {
    relaxation
        .limits()
        .forEach(
            (limit, to) -> say("  ", CliText.RELAX.with("limit", LimitText.changed(limit, to))));
    relaxation.tolerance().ifPresent(t -> say("  ", CliText.NEAREST.with("percent", 100 * t)));
  }

  private void say(Message words) {
    say("", words);
  }

  private void say(String indent, Message words) {
    out.println(indent + words.read(units));
  }
}
