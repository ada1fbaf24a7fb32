package app.geminal.cli;

import app.geminal.units.Quantity;
import app.geminal.units.Units;
import app.geminal.vision.BarMeasurer;
import app.geminal.vision.MeasuredBars;
import app.geminal.vision.MeasuredPiece;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** How large the pieces are that a photograph shows beside a gauge card. */
@Command(
    name = "measure",
    resourceBundle = "app.geminal.cli.usage",
    mixinStandardHelpOptions = true)
final class Measure implements Callable<Integer> {
  @Parameters(paramLabel = "PHOTO", descriptionKey = "geminal.measure.photo")
  private Path photo;

  @Option(names = "--inch", descriptionKey = "geminal.measure.inch")
  private boolean inch;

  @Option(names = "--json", descriptionKey = "geminal.measure.json")
  private boolean json;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Measure() {}

  @Override
  public Integer call() {
    MeasuredBars measured = BarMeasurer.of(PhotoFile.read(photo));
    spec.commandLine()
        .getOut()
        .println(json ? Output.json(MeasureJson.of(measured)) : words(measured));
    return measured.refused().isPresent() ? Geminal.NO : 0;
  }

  private String words(MeasuredBars measured) {
    Units units = inch ? Units.US : Units.METRIC;
    return measured
        .refused()
        .map(why -> why.read(units))
        .orElseGet(() ->
            measured.pieces().stream()
                .map(piece -> words(piece, units))
                .collect(Collectors.joining(System.lineSeparator())));
  }

  private static String words(MeasuredPiece piece, Units units) {
    return CliText.MEASURED
        .with(
            "length", Quantity.mm(piece.longMm()),
            "lengthError", Quantity.mm(piece.longErrorMm()),
            "width", Quantity.mm(piece.shortMm()),
            "widthError", Quantity.mm(piece.shortErrorMm()))
        .read(units);
  }
}
