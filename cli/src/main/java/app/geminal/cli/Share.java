package app.geminal.cli;

import app.geminal.evidence.Evidence;
import app.geminal.library.ShippedSteels;
import app.geminal.library.welds.SharedWeldsFiles;
import app.geminal.pooling.SharedWelds;
import app.geminal.steel.Steel;
import app.geminal.units.Units;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** The welds of a Book for other shops; what would leave is shown before anything is written. */
@Command(name = "share", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Share implements Callable<Integer> {
  @Parameters(paramLabel = "BOOK", descriptionKey = "geminal.share.book")
  private Path book;

  @Option(names = "--out")
  private @Nullable Path out;

  @Option(names = "--shop")
  private String shop = UUID.randomUUID().toString();

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Share() {}

  @Override
  public Integer call() {
    Set<String> standard =
        ShippedSteels.read().all().stream().map(Steel::id).collect(Collectors.toSet());
    SharedWelds.Leaving leaving = SharedWelds.of(WeldFiles.book(book), standard::contains);
    if (leaving.welds().isEmpty()) {
      throw new UnusableInput(CliText.NO_DECIDED_WELD.with().read(Units.METRIC));
    }
    String file = SharedWeldsFiles.write(new SharedWelds(shop, leaving.welds()));
    PrintWriter shell = spec.commandLine().getOut();
    shell.println(
        CliText.WOULD_LEAVE
            .with("welds", leaving.welds().size(), "open", Evidence.all(leaving.welds()).open())
            .read(Units.METRIC));
    shell.print(file);
    shell.println(
        CliText.LEFT_OUT
            .with("suspect", leaving.suspect(), "unnamed", leaving.unnamed())
            .read(Units.METRIC));
    if (out == null) {
      shell.println(CliText.WRITE_WITH.with().read(Units.METRIC));
    } else {
      WeldFiles.write(out, file);
      shell.println(CliText.WRITTEN.with("file", out.toString(), "code", shop).read(Units.METRIC));
    }
    return 0;
  }
}
