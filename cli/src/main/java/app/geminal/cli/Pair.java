package app.geminal.cli;

import app.geminal.compatibility.Grade;
import app.geminal.compatibility.Pairing;
import app.geminal.compatibility.Reason;
import app.geminal.compatibility.SteelQuestion;
import app.geminal.compatibility.Verdict;
import app.geminal.library.ShippedSteels;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.AtmosphereProtection;
import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Whether steels go together. */
@Command(
    name = "pair",
    description = {
      "Checks steels for a mixed pattern in a blade.",
      "Exit status 1: they do not work together."
    },
    mixinStandardHelpOptions = true)
final class Pair implements Callable<Integer> {
  @Parameters(arity = "2..6", paramLabel = "STEEL", description = "Two to six short names.")
  private List<String> names;

  @Option(
      names = {"--protection", "--school"},
      description = "Atmosphere protection: ${COMPLETION-CANDIDATES} (${DEFAULT-VALUE}).")
  private AtmosphereProtection protection = AtmosphereProtection.BORAX;

  @Option(names = "--inch", description = "US shop units: inches, °F, lb.")
  private boolean inch;

  @Option(names = "--json", description = "The result as JSON.")
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
      throw new UnusableInput(unknown.words() + " geminal steels lists them.");
    }
    Verdict verdict = Pairing.of(SteelQuestion.mixed(protection, steels));
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(Output.json(PairJson.of(verdict)));
    } else {
      out.println(
          String.format(
              Locale.ROOT,
              "%s, %s: %s, %.0f of 100",
              String.join(" with ", names),
              protection.word(),
              verdict.grade().name().toLowerCase(Locale.ROOT),
              verdict.score()));
      for (Reason reason : verdict.reasons()) {
        out.println();
        out.println((reason.safety() ? "Safety: " : "") + reason.what().read(units));
        out.println("  " + reason.why().read(units));
        out.println("  " + reason.action().read(units));
      }
    }
    return verdict.grade() == Grade.STOP ? Geminal.NO : 0;
  }
}
