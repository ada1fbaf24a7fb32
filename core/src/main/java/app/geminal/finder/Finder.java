package app.geminal.finder;

import app.geminal.layup.Piece;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.Census;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.Layout;
import app.geminal.schedule.Limit;
import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Shop;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.HoldChance;
import app.geminal.weld.WeldChance;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;

/**
 * Every way to a count within a question's bounds, and of these the ones worth choosing.
 *
 * <p>Exhaustive, by number of restacks: all schedules without a restack first, then all with one,
 * and so on, so that what is seen first is what costs fewest welds, and a search that is stopped
 * can say how far it came. Starts are shared out over the processors; the answer is the same
 * however they are shared, and comes in the same order.
 */
public final class Finder implements SearchListener.Progress {
  /**
   * Work for each start that answers every target up to about six hundred layers; what is far
   * beyond is stopped by it after ten seconds or so of two cores.
   */
  public static final long USUAL_WORK = 4_000_000;

  private static final int ONE_BY_ONE = 3;
  private static final double WIDEST_TOLERANCE = 0.5;

  private final FinderQuestion question;
  private final Steels steels;
  private final Shop shop;
  private final WeldChance chance;
  private final SearchListener watch;
  private final List<SearchContext> contexts;
  private final ParetoFront front = new ParetoFront();
  private final ExclusionTally tally = new ExclusionTally();
  private int done;
  private int of;

  private Finder(
      FinderQuestion question, Steels steels, Shop shop, WeldChance chance, SearchListener watch) {
    this.question = question;
    this.steels = steels;
    this.shop = shop;
    this.chance = chance;
    this.watch = watch;
    this.contexts =
        question.byBlock().stream().map(q -> new SearchContext(q, steels, shop, chance)).toList();
  }

  /**
   * Searches.
   *
   * @param chance of each weld
   * @param work how much may be done for each start, see {@link #USUAL_WORK}; the same work gives
   *     the same answer
   * @throws InvalidValue when a steel is unknown
   */
  public static SearchOutcome find(
      FinderQuestion question,
      Steels steels,
      Shop shop,
      WeldChance chance,
      SearchListener watch,
      long work) {
    return new Finder(question, steels, shop, chance, watch).find(work);
  }

  /**
   * Looks at a question before it is searched.
   *
   * @throws InvalidValue when a steel is unknown or the question cannot be worked out
   */
  public static void check(FinderQuestion question, Steels steels, Shop shop) {
    var _ = new Finder(question, steels, shop, HoldChance.prior(), SearchListener.NONE).starts();
  }

  private SearchOutcome find(long work) {
    int fewest = question.core().isEmpty() ? 0 : 1;
    int most = question.bounds().mostRestacks();
    List<Given> starts = starts();
    of = starts.size() * Math.min(ONE_BY_ONE + 1, most - fewest + 1);
    for (int restacks = fewest; restacks <= most; restacks++) {
      // The first few one by one, to show something soon; the others in one walk, which is less.
      int to = restacks < ONE_BY_ONE ? restacks : most;
      // Without a restack nothing is drawn down to a block, and all heights are one.
      List<Given> tried = to == 0 ? starts(contexts.getFirst()) : starts;
      if (!pass(tried, restacks, to, work)) {
        return new SearchOutcome.Stopped(
            ways(), tally.census(), restacks - 1, !watch.shouldContinue());
      }
      restacks = to;
    }
    List<RankedSchedule> ways = ways();
    return ways.isEmpty()
        ? new SearchOutcome.Nothing(relaxations(work), tally.census())
        : new SearchOutcome.Found(ways, tally.census());
  }

  @Override
  public synchronized List<RankedSchedule> ways() {
    return front.shown().stream()
        .flatMap(c -> LedgerCheck.of(c, question, steels, shop, chance).stream())
        .toList();
  }

  @Override
  public synchronized Census census() {
    return tally.census();
  }

  @Override
  public int done() {
    return done;
  }

  @Override
  public int of() {
    return of;
  }

  /**
   * A start and its length where that is given, no start where the bar is there, and what blocks of
   * one height come to.
   */
  private record Given(
      Optional<StartStack> start, OptionalDouble lengthMm, SearchContext searchContext) {}

  private List<Given> starts() {
    return contexts.stream().flatMap(context -> starts(context).stream()).toList();
  }

  private List<Given> starts(SearchContext context) {
    return switch (question.from()) {
      case StartingSteel.Bar _ ->
          List.of(new Given(Optional.empty(), OptionalDouble.empty(), context));
      case StartingSteel.Stacks stacks ->
          stacks.outside().stream()
              .flatMap(o -> stacks.inside().stream().flatMap(i -> starts(o, i).stream()))
              .map(s -> new Given(Optional.of(s), OptionalDouble.empty(), context))
              .toList();
      case StartingSteel.Shelf shelf ->
          starts(shelf.outside(), shelf.inside()).stream()
              .filter(s -> s.layout() != Layout.THICK_OUTSIDES)
              .map(s -> new Given(Optional.of(s), OptionalDouble.of(longestMm(s, shelf)), context))
              .filter(g -> g.lengthMm().getAsDouble() > 0)
              .toList();
    };
  }

  private List<StartStack> starts(Piece outside, Piece inside) {
    Bounds bounds = question.bounds();
    List<StartStack> starts = new ArrayList<>();
    for (Layout layout : Layout.values()) {
      for (int n = bounds.fewestPieces(); n <= bounds.mostPieces(); n++) {
        boolean sensible = layout != Layout.DOUBLED || (n % 2 == 0 && n >= 4);
        if (sensible && bounds.layouts().contains(layout)) {
          starts.add(new StartStack(n, layout, outside, inside));
        }
      }
    }
    return starts;
  }

  private double longestMm(StartStack start, StartingSteel.Shelf shelf) {
    List<Piece> laid = start.laid();
    int outside = (int) laid.stream().filter(shelf.outside()::equals).count();
    double kerf = shop.defaults().kerfMm();
    return Math.min(
        StartingSteel.Supply.longestMm(shelf.outsideBars(), outside, kerf),
        StartingSteel.Supply.longestMm(shelf.insideBars(), laid.size() - outside, kerf));
  }

  /** All schedules of some numbers of restacks; false when something of it was not seen. */
  private boolean pass(List<Given> starts, int restacks, int to, long work) {
    int workers = Math.min(Runtime.getRuntime().availableProcessors(), starts.size());
    AtomicInteger next = new AtomicInteger();
    AtomicBoolean whole = new AtomicBoolean(true);
    IntStream.range(0, workers)
        .parallel()
        .forEach(_ -> {
          for (int i = next.getAndIncrement(); i < starts.size(); i = next.getAndIncrement()) {
            ParetoFront mine = new ParetoFront();
            ExclusionTally counted = new ExclusionTally();
            Given given = starts.get(i);
            ScheduleWalk walk =
                new ScheduleWalk(given.searchContext(), mine, counted, watch::shouldContinue);
            if (!go(walk, given, restacks, to, work)) {
              whole.set(false);
            }
            done(mine, counted);
          }
        });
    return whole.get();
  }

  private synchronized void done(ParetoFront more, ExclusionTally counted) {
    front.addAll(more);
    tally.add(counted);
    done++;
    watch.seen(this);
  }

  private boolean go(ScheduleWalk walk, Given given, int restacks, int to, long work) {
    if (question.from() instanceof StartingSteel.Bar bar) {
      return walk.from(bar, restacks, to, work);
    }
    return walk.from(given.start().orElseThrow(), given.lengthMm(), restacks, to, work);
  }

  private List<SearchOutcome.Relaxation> relaxations(long work) {
    if (tally.reaching() == 0) {
      return closer(work);
    }
    List<SearchOutcome.Relaxation> found = new ArrayList<>();
    for (Census.RuledOut out : tally.census().ruledOut()) {
      if (out.alone() > 0) {
        relaxed(Map.of(out.limit(), out.nearest())).ifPresent(found::add);
      }
    }
    if (found.isEmpty()) {
      relaxed(tally.closest(question)).ifPresent(found::add);
    }
    return found;
  }

  /** Limits moved to let a value through, rounded so that it does; empty where they cannot be. */
  private Optional<SearchOutcome.Relaxation> relaxed(Map<Limit, Double> values) {
    if (values.isEmpty()) {
      return Optional.empty();
    }
    Map<Limit, Double> limits = new EnumMap<>(Limit.class);
    values.forEach((limit, value) -> limits.put(limit, limit.letting(value)));
    SearchOutcome.Relaxation relaxation = new SearchOutcome.Relaxation(limits, Optional.empty());
    try {
      relaxation.appliedTo(question);
      return Optional.of(relaxation);
    } catch (InvalidValue beyond) {
      // No shop has such a limit, so it is not offered.
      return Optional.empty();
    }
  }

  /** No schedule comes near: how near do they come? */
  private List<SearchOutcome.Relaxation> closer(long work) {
    if (!(question.aim() instanceof LayerTarget.Near near)) {
      return List.of();
    }
    double tolerance = Math.max(near.tolerance(), 0.01);
    while (tolerance < WIDEST_TOLERANCE && watch.shouldContinue()) {
      tolerance = Math.min(WIDEST_TOLERANCE, 2 * tolerance);
      FinderQuestion wider = question.withAim(near.withTolerance(tolerance));
      if (find(wider, steels, shop, chance, onlyContinues(), work)
          instanceof SearchOutcome.Found found) {
        long distance =
            found.ways().stream().mapToLong(w -> w.layers().distance()).min().orElseThrow();
        double enough = Math.ceil((double) distance / near.count() * 1000) / 1000;
        return List.of(
            new SearchOutcome.Relaxation(
                Map.of(), Optional.of(Math.min(WIDEST_TOLERANCE, enough))));
      }
    }
    return List.of();
  }

  private SearchListener onlyContinues() {
    return new SearchListener() {
      @Override
      public boolean shouldContinue() {
        return watch.shouldContinue();
      }
    };
  }
}
