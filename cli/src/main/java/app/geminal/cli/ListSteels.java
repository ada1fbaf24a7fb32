package app.geminal.cli;

import app.geminal.library.ShippedSteels;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** The steels that come with it. */
@Command(name = "steels", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class ListSteels implements Runnable {
  @Option(names = "--json")
  private boolean json;

  @Option(names = "--inch")
  private boolean inch;

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
    Units units = inch ? Units.US : Units.METRIC;
    for (Line line : lines) {
      WeldWindow window = line.weldWindow();
      Message welds =
          window == null
              ? CliText.NO_WELDS.with()
              : CliText.WELDS.with(
                  "from", Quantity.celsius(window.fromC()), "to", Quantity.celsius(window.toC()));
      spec.commandLine()
          .getOut()
          .println(
              String.format(
                  Locale.ROOT,
                  "%-18s C %.2f  %-26s  %-20s  %s  %s",
                  line.id(),
                  line.carbonPercent(),
                  welds.read(units),
                  CliText.MELTS.with("from", Quantity.celsius(line.solidusC())).read(units),
                  CliText.TONE.with("tone", line.etchTone()).read(units),
                  line.name()));
    }
  }
}
