package app.geminal.cli;

import app.geminal.compatibility.Grade;
import app.geminal.compatibility.Pairing;
import app.geminal.compatibility.Reason;
import app.geminal.compatibility.SteelQuestion;
import app.geminal.compatibility.Verdict;
import app.geminal.library.ShippedSteels;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.AtmosphereProtection;
import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Whether steels go together. */
@Command(name = "pair", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Pair implements Callable<Integer> {
  @Parameters(arity = "2..6", paramLabel = "STEEL", descriptionKey = "geminal.pair.steel")
  private List<String> names;

  @Option(names = {"--protection", "--school"})
  private AtmosphereProtection protection = AtmosphereProtection.BORAX;

  @Option(names = "--inch")
  private boolean inch;

  @Option(names = "--json")
  private boolean json;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Pair() {}

  @Override
  public Integer call() {
    Units units = inch ? Units.US : Units.METRIC;
    Steels shipped = ShippedSteels.read();
    List<Steel> steels;
    try {
      steels = names.stream().map(shipped::get).toList();
    } catch (InvalidValue unknown) {
      throw new UnusableInput(CliText.UNKNOWN_STEEL.with("why", unknown.words()).read(units));
    }
    Verdict verdict = Pairing.of(SteelQuestion.mixed(protection, steels));
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(Output.json(PairJson.of(verdict)));
    } else {
      out.println(
          CliText.VERDICT
              .with(
                  "steels",
                  names,
                  "protection",
                  protection.word(),
                  "grade",
                  Message.word(verdict.grade()),
                  "score",
                  Math.round(verdict.score()))
              .read(units));
      for (Reason reason : verdict.reasons()) {
        out.println();
        out.println(
            (reason.safety() ? CliText.CAUTION.with("what", reason.what()) : reason.what())
                .read(units));
        out.println("  " + reason.why().read(units));
        out.println("  " + reason.action().read(units));
      }
    }
    return verdict.grade() == Grade.STOP ? Geminal.NO : 0;
  }
}
