package app.geminal.cli;

import app.geminal.evidence.HoldModel;
import app.geminal.evidence.WeldObservation;
import app.geminal.finder.Finder;
import app.geminal.finder.SearchListener;
import app.geminal.finder.SearchOutcome;
import app.geminal.layup.Piece;
import app.geminal.library.ShippedSteels;
import app.geminal.notation.Shorthand;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.Census;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.Criterion;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.FinishedBar;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.Limit;
import app.geminal.schedule.Ordering;
import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.ScheduleExplanation;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.text.Message;
import app.geminal.text.TypedText;
import app.geminal.units.Lengths;
import app.geminal.units.UnitSystem;
import app.geminal.units.Unreadable;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.WeldChance;
import app.geminal.weldmap.BondTable;
import app.geminal.weldmap.Sample;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Ways to a layer count. */
@Command(name = "find", resourceBundle = "app.geminal.cli.usage", mixinStandardHelpOptions = true)
final class Find implements Callable<Integer> {
  @Option(names = "--target", required = true, paramLabel = "N")
  private long target;

  @Option(names = "--within", paramLabel = "PERCENT")
  private double within = 5;

  @Option(names = "--shop-count")
  private boolean shopCount;

  @Option(names = "--finish", paramLabel = "L x W x H")
  private String finish = "300 mm x 38 mm x 6 mm";

  @Option(names = "--outside", paramLabel = "STEEL:T")
  private String outside = "1084:3.2 mm";

  @Option(names = "--inside", paramLabel = "STEEL:T")
  private String inside = "15N20:1.5 mm";

  @Option(names = "--width", paramLabel = "W")
  private String width = "40 mm";

  @Option(names = "--sheet", paramLabel = "STEEL:T")
  private @Nullable String sheet;

  @Option(names = "--no-sheets")
  private boolean noSheets;

  @Option(names = "--core", paramLabel = "STEEL:T,…")
  private @Nullable String core;

  @Option(names = "--block", paramLabel = "H")
  private @Nullable String block;

  @Option(names = "--restacks", paramLabel = "N")
  private int restacks = 6;

  @Option(names = "--tallest", paramLabel = "H")
  private @Nullable String tallest;

  @Option(names = "--longest", paramLabel = "L")
  private @Nullable String longest;

  @Option(names = "--best")
  private Criterion best = Criterion.WELDS;

  @Option(names = "--show", paramLabel = "N")
  private int show = 10;

  @Option(names = "--json")
  private boolean json;

  @Mixin private PlanOptions habits;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Find() {}

  @Override
  public Integer call() {
    Shop shop = habits.shop();
    Steels steels = ShippedSteels.read();
    FinderQuestion question;
    SearchOutcome outcome;
    try {
      question = question(shop);
      outcome =
          Finder.find(
              question,
              steels,
              shop,
              chance(question, steels, shop),
              SearchListener.NONE,
              Finder.USUAL_WORK);
    } catch (InvalidValue bad) {
      throw new UnusableInput(CliText.at(bad.path(), bad.words()).read(habits.reader()));
    } catch (Unreadable bad) {
      throw new UnusableInput(TypedText.of(bad).read(habits.reader()));
    }
    List<RankedSchedule> ways = Ordering.by(best, ways(outcome), question);
    List<Message> lines = ScheduleExplanation.of(ways, question);
    FinderText text = new FinderText(spec.commandLine().getOut(), habits.reader());
    if (json) {
      List<FoundSchedule> all =
          IntStream.range(0, ways.size())
              .mapToObj(i ->
                  FoundSchedule.of(ways.get(i), lines.get(i).marked(), line(ways.get(i), question)))
              .toList();
      spec.commandLine()
          .getOut()
          .println(
              Output.json(
                  new FoundJson(outcome.getClass().getSimpleName(), outcome.census(), all)));
    } else {
      text.print(outcome, question, ways, lines, show);
    }
    return ways.isEmpty() ? Geminal.NO : 0;
  }

  /** Everything, for machines. */
  record FoundJson(String outcome, Census census, List<FoundSchedule> ways) {}

  private String line(RankedSchedule way, FinderQuestion question) {
    Shop shop = habits.shop();
    return Shorthand.show(way.plan(question, shop), units(), shop.defaults());
  }

  private UnitSystem units() {
    return habits.units();
  }

  private static List<RankedSchedule> ways(SearchOutcome outcome) {
    return switch (outcome) {
      case SearchOutcome.Found found -> found.ways();
      case SearchOutcome.Stopped stopped -> stopped.ways();
      case SearchOutcome.Nothing _ -> List.of();
    };
  }

  private FinderQuestion question(Shop shop) {
    double[] size = Arrays.stream(finish.split("[x×]", -1)).mapToDouble(this::mm).toArray();
    if (size.length != 3) {
      throw new InvalidValue("--finish", CliText.THREE_SIZES.with());
    }
    FinishedBar finished = new FinishedBar(size[1], size[2], size[0]);
    double stackWidth = mm(width);
    SearchLimits limits = SearchLimits.of(shop);
    limits = tallest == null ? limits : limits.with(Limit.TALLEST, mm(tallest));
    limits = longest == null ? limits : limits.with(Limit.LONGEST, mm(longest));
    FinderQuestion question =
        new FinderQuestion(
            new LayerTarget.Near(
                target, within / 100, shopCount ? CountKind.SHOP : CountKind.VISIBLE),
            new StartingSteel.Stacks(List.of(piece(outside)), List.of(piece(inside)), stackWidth),
            finished,
            Bounds.full().withMostRestacks(restacks),
            noSheets ? null : piece(sheet == null ? inside : sheet),
            core == null ? List.of() : Arrays.stream(core.split(",", -1)).map(this::piece).toList(),
            block == null ? FinderQuestion.usualBlockMm(finished, stackWidth, shop) : mm(block),
            limits);
    return block == null ? question.tryingHigherBlocks(shop) : question;
  }

  private Piece piece(String given) {
    int colon = given.indexOf(':');
    if (colon < 0) {
      throw new InvalidValue(given, CliText.PIECE_FORM.with());
    }
    return new Piece(given.substring(0, colon).strip(), mm(given.substring(colon + 1)));
  }

  private double mm(String length) {
    return Lengths.parseMm(length.strip(), units());
  }

  /** As weld maps say, in a shop without a record. */
  private static WeldChance chance(FinderQuestion question, Steels steels, Shop shop) {
    List<Sample> few = BondTable.usual();
    BondTable maps =
        BondTable.of(steels, shop, question.from().steels(), question.from().widthMm(), _ -> few);
    return HoldModel.ofMaps(List.of()).weldChance(maps, WeldObservation.asUsual(shop.defaults()));
  }
}
