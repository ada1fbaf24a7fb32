package app.geminal.cli;

import app.geminal.evidence.Evidence;
import app.geminal.evidence.HoldModel;
import app.geminal.evidence.Interval;
import app.geminal.evidence.WeldObservation;
import app.geminal.pooling.RecordDoubt;
import app.geminal.pooling.SharedWelds;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** What the welds of other shops are worth here. */
@Command(name = "pool", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Pool implements Callable<Integer> {
  @Parameters(arity = "1..*", paramLabel = "FILE", descriptionKey = "geminal.pool.files")
  private List<Path> files;

  @Option(names = "--book")
  private @Nullable Path book;

  @Option(names = "--json")
  private boolean json;

  @Mixin private PlanOptions habits;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Pool() {}

  /**
   * Another shop.
   *
   * @param file of it
   * @param welds in it
   * @param open of them
   * @param doubts what speaks against counting it
   */
  private record Shop(String file, int welds, int open, List<String> doubts) {}

  /** The whole answer as JSON. */
  private record Pooled(List<Shop> shops, double chance, Interval limits, double alone) {}

  @Override
  public Integer call() {
    Units reader = habits.reader();
    List<WeldObservation> own = book == null ? List.of() : WeldFiles.book(book);
    List<List<WeldObservation>> others = new ArrayList<>();
    List<Shop> shops = new ArrayList<>();
    for (Path file : files) {
      SharedWelds given = WeldFiles.shared(file);
      shops.add(
          new Shop(
              file.toString(),
              given.welds().size(),
              Evidence.all(given.welds()).open(),
              RecordDoubt.of(given, own, others).stream()
                  .map(doubt -> doubt.words().read(reader))
                  .toList()));
      others.add(given.welds());
    }
    WeldObservation usual = WeldObservation.asUsual(habits.shop().defaults());
    HoldModel.Prediction with = HoldModel.of(own, others).predict(usual);
    Pooled pooled =
        new Pooled(shops, with.mean(), with.limits(), HoldModel.of(own).predict(usual).mean());
    PrintWriter out = spec.commandLine().getOut();
    out.println(json ? Output.json(pooled) : text(pooled, reader));
    return shops.stream().allMatch(shop -> shop.doubts().isEmpty()) ? 0 : Geminal.NO;
  }

  private static String text(Pooled pooled, Units reader) {
    List<String> lines = new ArrayList<>();
    for (Shop shop : pooled.shops()) {
      lines.add(
          CliText.OTHER_SHOP
              .with("file", shop.file(), "welds", shop.welds(), "open", shop.open())
              .read(reader));
      shop.doubts().forEach(doubt -> lines.add("  " + doubt));
    }
    lines.add(
        CliText.POOLED
            .with(
                "with",
                Quantity.share(pooled.chance()),
                "low",
                Quantity.share(pooled.limits().low()),
                "high",
                Quantity.share(pooled.limits().high()),
                "without",
                Quantity.share(pooled.alone()))
            .read(reader));
    return String.join("\n", lines);
  }
}
