package app.geminal.cli;

import app.geminal.library.ShippedSteels;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** The steels that come with it. */
@Command(
    name = "steels",
    description = "Lists the steels that come with Geminal.",
    mixinStandardHelpOptions = true)
final class ListSteels implements Runnable {
  @Option(names = "--json", description = "Everything as JSON.")
  private boolean json;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  ListSteels() {}

  /** What the list says of a steel; °C, 0 black to 1 silver. */
  record Line(
      String id,
      String name,
      double carbonPercent,
      double solidusC,
      @Nullable WeldWindow weldWindow,
      double etchTone,
      String confidence) {
    static Line of(Steel s) {
      return new Line(
          s.id(),
          s.name(),
          s.carbonPercent(),
          s.solidusC(),
          s.weldWindow().orElse(null),
          s.etchTone().value(),
          s.confidence().name().toLowerCase(Locale.ROOT));
    }
  }

  @Override
  public void run() {
    List<Line> lines = ShippedSteels.read().all().stream().map(Line::of).toList();
    if (json) {
      spec.commandLine().getOut().println(Output.json(lines));
      return;
    }
    for (Line line : lines) {
      WeldWindow window = line.weldWindow();
      spec.commandLine()
          .getOut()
          .println(
              String.format(
                  Locale.ROOT,
                  "%-18s C %.2f  welds %-14s  melts from %4.0f °C  tone %.2f  %s",
                  line.id(),
                  line.carbonPercent(),
                  window == null
                      ? "not at all"
                      : String.format(Locale.ROOT, "%.0f–%.0f °C", window.fromC(), window.toC()),
                  line.solidusC(),
                  line.etchTone(),
                  line.name()));
    }
  }
}
