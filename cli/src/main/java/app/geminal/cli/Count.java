package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.vision.LayerCount;
import app.geminal.vision.LayerCounter;
import app.geminal.vision.Photograph;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** How many layers a photograph shows along a line. */
@Command(name = "count", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Count implements Callable<Integer> {
  @Parameters(paramLabel = "PHOTO", descriptionKey = "geminal.count.photo")
  private Path photo;

  @Option(names = "--line", paramLabel = "X1,Y1,X2,Y2", descriptionKey = "geminal.count.line")
  private @Nullable String line;

  @Option(names = "--json", descriptionKey = "geminal.count.json")
  private boolean json;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Count() {}

  @Override
  public Integer call() {
    Photograph photograph = PhotoFile.read(photo);
    LayerCount count =
        line == null
            ? LayerCounter.of(photograph)
            : LayerCounter.along(photograph, PixelLine.of(line));
    spec.commandLine().getOut().println(json ? Output.json(CountJson.of(count)) : words(count));
    return count.refused().isPresent() ? Geminal.NO : 0;
  }

  private static String words(LayerCount count) {
    return count
        .refused()
        .map(why -> why.read(Units.METRIC))
        .orElseGet(() ->
            CliText.COUNTED
                .with("count", count.count(), "low", count.low(), "high", count.high())
                .read(Units.METRIC));
  }
}
