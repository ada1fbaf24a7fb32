package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.vision.CardPdf;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The gauge cards, to print. */
@Command(
    name = "gauge-card",
    resourceBundle = "app.geminal.cli.usage",
    mixinStandardHelpOptions = true)
final class PrintCard implements Callable<Integer> {
  @Parameters(paramLabel = "FILE", descriptionKey = "geminal.gauge-card.file")
  private Path file;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  PrintCard() {}

  @Override
  public Integer call() {
    try {
      Files.write(file, CardPdf.page());
    } catch (IOException e) {
      throw new UnusableInput(
          CliText.CANNOT_WRITE.with("file", file.toString()).read(Units.METRIC));
    }
    spec.commandLine()
        .getOut()
        .println(CliText.CARD_WRITTEN.with("file", file.toString()).read(Units.METRIC));
    return 0;
  }
}
