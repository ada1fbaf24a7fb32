package app.geminal.cli;

import app.geminal.ripping.Plate;
import app.geminal.ripping.Ripping;
import app.geminal.ripping.WantedPiece;
import app.geminal.text.TypedText;
import app.geminal.units.Lengths;
import app.geminal.units.QuantityKind;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import app.geminal.units.Unreadable;
import app.geminal.validation.InvalidValue;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** How a plate is ripped into pieces. */
@Command(name = "rip", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Rip implements Callable<Integer> {
  @Option(
      names = "--plate",
      required = true,
      paramLabel = "W x L [x T]",
      descriptionKey = "geminal.rip.plate")
  private String plate;

  @Option(
      names = "--want",
      required = true,
      paramLabel = "N x W x L",
      descriptionKey = "geminal.rip.want")
  private List<String> want = List.of();

  @Option(names = "--kerf", paramLabel = "KERF", descriptionKey = "geminal.rip.kerf")
  private String kerf = "1.6 mm";

  @Option(
      names = "--leave-off",
      paramLabel = "LEFT,RIGHT,NEAR,FAR",
      descriptionKey = "geminal.rip.leave-off")
  private String leaveOff = "0,0,0,0";

  @Option(names = "--hole", paramLabel = "X,Y,DIAMETER", descriptionKey = "geminal.rip.hole")
  private List<String> holes = List.of();

  @Option(names = "--turn", descriptionKey = "geminal.rip.turn")
  private boolean turn;

  @Option(names = "--inch", descriptionKey = "geminal.rip.inch")
  private boolean inch;

  @Option(names = "--json", descriptionKey = "geminal.rip.json")
  private boolean json;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Rip() {}

  @Override
  public Integer call() {
    Ripping ripped;
    try {
      ripped = Ripping.of(plate(), wanted(), one("--kerf", kerf), turn);
    } catch (InvalidValue bad) {
      throw new UnusableInput(CliText.at(bad.path(), bad.words()).read(units()));
    } catch (Unreadable bad) {
      throw new UnusableInput(TypedText.of(bad).read(units()));
    }
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(Output.json(RipJson.of(ripped)));
    } else {
      words(ripped).forEach(out::println);
    }
    return ripped.missing().isEmpty() ? 0 : Geminal.NO;
  }

  private Units units() {
    return inch ? Units.US : Units.METRIC;
  }

  private UnitSystem typed() {
    return units().of(QuantityKind.LENGTH);
  }

  private double one(String option, String text) {
    return sizes(option, text, 1, 1).getFirst();
  }

  private List<Double> sizes(String option, String text, int least, int most) {
    List<Double> sizes = RippedSizes.mm(text, typed());
    if (sizes.size() < least || sizes.size() > most) {
      throw new InvalidValue(option, CliText.WRITE_AS_IN_HELP.with("given", text));
    }
    return sizes;
  }

  private Plate plate() {
    List<Double> size = sizes("--plate", plate, 2, 3);
    double[] off = list("--leave-off", leaveOff, 4);
    List<Plate.Hole> around = new ArrayList<>();
    for (String hole : holes) {
      double[] at = list("--hole", hole, 3);
      around.add(new Plate.Hole(at[0], at[1], at[2]));
    }
    return new Plate(
        size.get(0), size.get(1), new Plate.Worn(off[0], off[1], off[2], off[3]), around);
  }

  private double[] list(String option, String text, int count) {
    double[] sizes =
        Arrays.stream(text.split(",", -1))
            .mapToDouble(part -> RippedSizes.mm(part, typed()).getFirst())
            .toArray();
    if (sizes.length != count) {
      throw new InvalidValue(option, CliText.WRITE_AS_IN_HELP.with("given", text));
    }
    return sizes;
  }

  private List<WantedPiece> wanted() {
    List<WantedPiece> wanted = new ArrayList<>();
    for (String piece : want) {
      String[] parts = piece.split("[x×]", 2);
      if (parts.length < 2 || !parts[0].strip().matches("\\d{1,4}")) {
        throw new InvalidValue("--want", CliText.WRITE_AS_IN_HELP.with("given", piece));
      }
      List<Double> size = sizes("--want", parts[1], 2, 2);
      wanted.add(new WantedPiece(Integer.parseInt(parts[0].strip()), size.get(0), size.get(1)));
    }
    return wanted;
  }

  private List<String> words(Ripping ripped) {
    List<String> lines = new ArrayList<>();
    lines.add(
        CliText.RIPPED
            .with(
                "pieces", ripped.cut().size(),
                "used", Math.round(100 * ripped.usedShare()),
                "bound", Math.round(100 * ripped.boundShare()),
                "proven", ripped.isProven())
            .read(units()));
    int number = 0;
    for (Ripping.SawCut cut : ripped.cuts()) {
      number++;
      lines.add(
          CliText.SAW_CUT
              .with(
                  "number", number,
                  "along", cut.isAlong(),
                  "at", exactly(cut.atMm()),
                  "from", exactly(cut.fromMm()),
                  "to", exactly(cut.toMm()))
              .read(units()));
    }
    for (Ripping.Remainder left : ripped.remainders()) {
      lines.add(
          CliText.LEFT_WHOLE
              .with("width", exactly(left.widthMm()), "length", exactly(left.lengthMm()))
              .read(units()));
    }
    for (WantedPiece missing : ripped.missing()) {
      lines.add(
          CliText.MISSING_PIECES
              .with(
                  "count", missing.count(),
                  "width", exactly(missing.widthMm()),
                  "length", exactly(missing.lengthMm()))
              .read(units()));
    }
    return lines;
  }

  /** Sizes for the saw are not rounded as far as sizes to read. */
  private String exactly(double mm) {
    return Lengths.show(mm, typed()) + (inch ? " in" : " mm");
  }
}
