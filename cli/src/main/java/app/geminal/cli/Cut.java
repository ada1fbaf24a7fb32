package app.geminal.cli;

import app.geminal.library.shelf.ShelfFile;
import app.geminal.shop.Shop;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.stock.CutList;
import app.geminal.stock.Need;
import app.geminal.stock.Purchase;
import app.geminal.stock.SharedCut;
import app.geminal.stock.StockBar;
import app.geminal.text.TypedText;
import app.geminal.units.Lengths;
import app.geminal.units.Quantity;
import app.geminal.units.Text;
import app.geminal.units.Units;
import app.geminal.units.Unreadable;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** What is cut from a shelf for several plans. */
@Command(name = "cut", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Cut implements Callable<Integer> {
  @Parameters(arity = "1..40", paramLabel = "PLAN", descriptionKey = "geminal.cut.plan")
  private List<String> plans = List.of();

  @Option(
      names = "--from",
      required = true,
      paramLabel = "SHELF.csv",
      descriptionKey = "geminal.cut.from")
  private String from;

  @Option(names = "--kerf", paramLabel = "KERF", descriptionKey = "geminal.cut.kerf")
  private @Nullable String kerf;

  @Option(names = "--hour", paramLabel = "PRICE", descriptionKey = "geminal.cut.hour")
  private double hourPrice;

  @Option(names = "--json", descriptionKey = "geminal.cut.json")
  private boolean json;

  @Mixin private PlanOptions habits;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Cut() {}

  @Override
  public Integer call() {
    Shop shop = habits.shop();
    List<StockBar> shelf = shelf();
    List<NamedPlan> named = NamedPlan.all(plans, habits);
    Map<String, List<Need>> wanted = new LinkedHashMap<>();
    Map<String, Steel> steels = new LinkedHashMap<>();
    for (NamedPlan plan : named) {
      wanted.put(plan.name(), Need.of(plan.run()));
      plan.source().steels().all().forEach(s -> steels.putIfAbsent(s.id(), s));
    }
    List<CutList.Offer> offers =
        IntStream.range(0, shelf.size())
            .mapToObj(i -> new CutList.Offer(i + 1, shelf.get(i)))
            .toList();
    double kerfMm = kerfMm(shop);
    SharedCut<String> cut =
        SharedCut.of(wanted, offers, kerfMm, Steels.of(List.copyOf(steels.values())), hourPrice);
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(Output.json(CutJson.of(cut, shelf, kerfMm)));
    } else {
      words(cut).forEach(out::println);
    }
    return cut.list().missing().isEmpty() ? 0 : Geminal.NO;
  }

  private List<StockBar> shelf() {
    String text;
    try {
      text = Files.readString(Path.of(from), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UnusableInput(CliText.NO_FILE.with("file", from).read(habits.reader()));
    }
    try {
      return ShelfFile.read(text);
    } catch (InvalidValue bad) {
      throw new UnusableInput(
          CliText.at((from + " " + bad.path()).strip(), bad.words()).read(habits.reader()));
    }
  }

  private double kerfMm(Shop shop) {
    try {
      return kerf == null ? shop.defaults().kerfMm() : Lengths.parseMm(kerf, habits.units());
    } catch (Unreadable bad) {
      throw new UnusableInput(CliText.at("--kerf", TypedText.of(bad)).read(habits.reader()));
    }
  }

  private List<String> words(SharedCut<String> shared) {
    Units reader = habits.reader();
    CutList list = shared.list();
    List<String> lines = new ArrayList<>();
    lines.add(
        CliText.CUT_SUM.with("bars", list.bars().size(), "proven", list.isProven()).read(reader));
    for (CutList.CutBar cut : list.bars()) {
      lines.add(
          CliText.CUT_BAR
              .with(
                  "steel", cut.bar().steel(),
                  "section", section(cut.bar().widthMm(), cut.bar().thicknessMm()),
                  "bar", Quantity.mm(cut.bar().lengthMm()),
                  "pieces", pieces(cut.piecesMm()),
                  "offcut", Quantity.mm(cut.offcutMm()))
              .read(reader));
    }
    for (SharedCut.Bought<String> one : shared.buy()) {
      Purchase bought = one.purchase();
      lines.add(
          CliText.BUY
              .with(
                  "plans",
                  String.join(", ", one.plans()),
                  "steel",
                  bought.steel(),
                  "section",
                  section(bought.widthMm(), bought.thicknessMm()),
                  "length",
                  Quantity.mm(bought.lengthMm()),
                  "longest",
                  Quantity.mm(bought.longestMm()),
                  "price",
                  bought.price().isPresent()
                      ? Text.of("%.2f", bought.price().getAsDouble())
                      : "none")
              .read(reader));
    }
    return lines;
  }

  private String section(double widthMm, double thicknessMm) {
    return Output.length(widthMm, habits.reader())
        + " × "
        + Quantity.mm(thicknessMm).format(habits.reader());
  }

  private String pieces(List<Double> piecesMm) {
    Map<Double, Long> counts =
        piecesMm.stream()
            .collect(
                Collectors.groupingBy(
                    Function.identity(), LinkedHashMap::new, Collectors.counting()));
    return counts.entrySet().stream()
        .map(e -> e.getValue() + " × " + Quantity.mm(e.getKey()).format(habits.reader()))
        .collect(Collectors.joining(", "));
  }
}
