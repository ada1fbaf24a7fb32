package app.geminal.bench;

import app.geminal.evidence.HoldModel;
import app.geminal.evidence.WeldObservation;
import app.geminal.finder.Finder;
import app.geminal.finder.SearchListener;
import app.geminal.finder.SearchOutcome;
import app.geminal.layup.Piece;
import app.geminal.library.ShippedSteels;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.FinishedBar;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.Layout;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.weld.HoldChance;
import app.geminal.weld.WeldChance;
import app.geminal.weldmap.BondTable;
import app.geminal.weldmap.Sample;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.IntVar;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * All ways to 300 layers within the full bounds; and a problem a general constraint solver can
 * state too, given to both: pieces and cuts, same way up, nothing between, no folds, the count as
 * made at the saw. The solver lists whole numbers whose product fits; the Finder draws every bar,
 * weighs the steel and keeps to the limits on the way.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 8, time = 2)
public class FinderBenchmark {
  private static final int TARGET = 300;
  private static final int LEAST = 285;
  private static final int MOST = 315;
  private static final int MOST_RESTACKS = 6;
  private static final int MOST_CUT = 12;

  private final Steels steels = ShippedSteels.read();
  private final Shop shop = Shop.common();
  private final Piece sheet = new Piece("15N20", 1.5);
  private final FinderQuestion full =
      question(CountKind.VISIBLE, Bounds.full(), true).tryingHigherBlocks(shop);
  private final FinderQuestion oneBlock = question(CountKind.VISIBLE, Bounds.full(), true);
  private final FinderQuestion products =
      question(
          CountKind.SHOP,
          new Bounds(3, 60, Set.of(Layout.PLAIN), MOST_RESTACKS, 2, MOST_CUT, false, false),
          false);

  private FinderQuestion question(CountKind counted, Bounds bounds, boolean sheets) {
    FinishedBar finished = new FinishedBar(38, 6, 300);
    return new FinderQuestion(
        new LayerTarget.Near(TARGET, 0.05, counted),
        new StartingSteel.Stacks(List.of(new Piece("1084", 3.2)), List.of(sheet), 40),
        finished,
        bounds,
        sheets ? sheet : null,
        List.of(),
        FinderQuestion.usualBlockMm(finished, 40, shop),
        SearchLimits.of(shop));
  }

  private final List<Sample> few = BondTable.usual();
  private final WeldChance maps =
      HoldModel.ofMaps(List.of())
          .weldChance(tableOfMaps(), WeldObservation.asUsual(shop.defaults()));

  private SearchOutcome find(FinderQuestion question) {
    return find(question, HoldChance.prior());
  }

  private SearchOutcome find(FinderQuestion question, WeldChance chance) {
    return Finder.find(question, steels, shop, chance, SearchListener.NONE, Finder.USUAL_WORK);
  }

  /** Everything: turned, with sheets, folded, outer pieces thick. */
  @Benchmark
  public SearchOutcome full() {
    return find(full);
  }

  /** The same with the chance of each weld by its map, read off a table that is there. */
  @Benchmark
  public SearchOutcome fullByWeldMaps() {
    return find(full, maps);
  }

  /** Making that table: once for two steels, a width and a shop. */
  @Benchmark
  public BondTable tableOfMaps() {
    return BondTable.of(steels, shop, List.of("1084", "15N20"), 40, _ -> few);
  }

  /** The same with blocks of one height only, as it was before other heights were tried. */
  @Benchmark
  public SearchOutcome fullOneBlock() {
    return find(oneBlock);
  }

  /** What a constraint solver can state too. */
  @Benchmark
  public SearchOutcome products() {
    return find(products);
  }

  /** The same by a constraint solver: how many solutions there are. */
  @Benchmark
  public long productsBySolver() {
    long solutions = 0;
    for (int restacks = 0; restacks <= MOST_RESTACKS; restacks++) {
      solutions += solved(restacks);
    }
    return solutions;
  }

  private static long solved(int restacks) {
    Model model = new Model();
    IntVar product = model.intVar("pieces", 3, 60);
    for (int i = 1; i <= restacks; i++) {
      IntVar cut = model.intVar("cut " + i, 2, MOST_CUT);
      IntVar more = model.intVar("layers " + i, 1, MOST, true);
      model.times(product, cut, more).post();
      product = more;
    }
    model.arithm(product, ">=", LEAST).post();
    model.arithm(product, "<=", MOST).post();
    long found = 0;
    while (model.getSolver().solve()) {
      found++;
    }
    return found;
  }

  /** Says how many each finds: run it to see that both were given the same. */
  public static void main(String[] args) {
    FinderBenchmark both = new FinderBenchmark();
    System.out.println(both.productsBySolver() + " products");
    System.out.println(both.products().census());
    System.out.println(both.full().census());
  }
}
