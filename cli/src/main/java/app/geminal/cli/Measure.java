package app.geminal.cli;

import app.geminal.text.TypedText;
import app.geminal.units.Lengths;
import app.geminal.units.Quantity;
import app.geminal.units.QuantityKind;
import app.geminal.units.Units;
import app.geminal.units.Unreadable;
import app.geminal.validation.InvalidValue;
import app.geminal.vision.BarMeasurer;
import app.geminal.vision.KnownLength;
import app.geminal.vision.KnownLengthMeasurer;
import app.geminal.vision.MeasuredBars;
import app.geminal.vision.MeasuredPiece;
import app.geminal.vision.Photograph;
import java.nio.file.Path;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** How large the pieces are that a photograph shows beside a gauge card, or by one known length. */
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

  /** The one length that is known where there is no card. */
  @ArgGroup private @Nullable Known known;

  @Spec private CommandSpec spec;

  /** One of the three. */
  static final class Known {
    @ArgGroup(exclusive = false)
    private @Nullable Rule rule;

    @Option(
        names = "--longer",
        paramLabel = "LENGTH",
        descriptionKey = "geminal.measure.longer",
        required = true)
    private @Nullable String longer;

    @Option(
        names = "--shorter",
        paramLabel = "LENGTH",
        descriptionKey = "geminal.measure.shorter",
        required = true)
    private @Nullable String shorter;

    KnownLength length(Units units) {
      if (rule != null) {
        return new KnownLength.BetweenMarks(PixelLine.of(rule.marks), mm(rule.apart, units));
      }
      String side = Objects.requireNonNull(longer == null ? shorter : longer);
      return new KnownLength.OfLargestPiece(longer != null, mm(side, units));
    }

    private static double mm(String length, Units units) {
      try {
        return Lengths.parseMm(length, units.of(QuantityKind.LENGTH));
      } catch (Unreadable bad) {
        throw new UnusableInput(TypedText.of(bad).read(units));
      }
    }
  }

  /** Two marks of a rule. */
  @SuppressWarnings("NullAway.Init")
  static final class Rule {
    @Option(
        names = "--rule",
        paramLabel = "X1,Y1,X2,Y2",
        descriptionKey = "geminal.measure.rule",
        required = true)
    private String marks;

    @Option(
        names = "--apart",
        paramLabel = "LENGTH",
        descriptionKey = "geminal.measure.apart",
        required = true)
    private String apart;
  }

  @SuppressWarnings("NullAway.Init")
  Measure() {}

  @Override
  public Integer call() {
    MeasuredBars measured = measured(PhotoFile.read(photo));
    spec.commandLine()
        .getOut()
        .println(json ? Output.json(MeasureJson.of(measured)) : words(measured));
    return measured.refused().isPresent() ? Geminal.NO : 0;
  }

  private MeasuredBars measured(Photograph photograph) {
    if (known == null) {
      return BarMeasurer.of(photograph);
    }
    try {
      return KnownLengthMeasurer.of(photograph, known.length(units()));
    } catch (InvalidValue bad) {
      throw new UnusableInput(bad.words().read(units()));
    }
  }

  private Units units() {
    return inch ? Units.US : Units.METRIC;
  }

  private String words(MeasuredBars measured) {
    Units units = units();
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
