package app.geminal.finder;

import app.geminal.layup.Piece;
import app.geminal.library.ShippedSteels;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.FinishedBar;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.Layout;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.weld.HoldChance;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.concurrent.TimeUnit;
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
 * The search alone, on one thread, for what a general solver can state too: to be held against
 * {@code FinderBenchmark.productsBySolver}. It draws every bar, weighs the steel and keeps to the
 * limits; only the ways it finds are not worked through by the ledger afterwards. Is in the
 * Finder's own package, because a search without its answer is no one else's business.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 8, time = 2)
public class SearchBenchmark {
  private static final Piece DARK = new Piece("1084", 3.2);
  private static final Piece BRIGHT = new Piece("15N20", 1.5);
  private static final int MOST_RESTACKS = 6;

  private final Steels steels = ShippedSteels.read();
  private final Shop shop = Shop.common();
  private final FinishedBar finished = new FinishedBar(38, 6, 300);
  private final FinderQuestion products =
      new FinderQuestion(
          new LayerTarget.Near(300, 0.05, CountKind.SHOP),
          new StartingSteel.Stacks(List.of(DARK), List.of(BRIGHT), 40),
          finished,
          new Bounds(3, 60, Set.of(Layout.PLAIN), MOST_RESTACKS, 2, 12, false, false),
          null,
          List.of(),
          FinderQuestion.usualBlockMm(finished, 40, shop),
          SearchLimits.of(shop));

  /** How many ways are worth choosing. */
  @Benchmark
  public int productsSearch() {
    SearchContext searchContext = new SearchContext(products, steels, shop, HoldChance.prior());
    ParetoFront front = new ParetoFront();
    ScheduleWalk walk = new ScheduleWalk(searchContext, front, new ExclusionTally(), () -> true);
    for (int pieces = 3; pieces <= 60; pieces++) {
      StartStack start = new StartStack(pieces, Layout.PLAIN, DARK, BRIGHT);
      walk.from(start, OptionalDouble.empty(), 0, MOST_RESTACKS, Finder.USUAL_WORK);
    }
    return front.size();
  }
}
