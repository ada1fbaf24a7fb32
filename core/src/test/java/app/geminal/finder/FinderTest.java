package app.geminal.finder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.schedule.Bounds;
import app.geminal.schedule.Census;
import app.geminal.schedule.Cost;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.Criterion;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.FinishedBar;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.Layout;
import app.geminal.schedule.Limit;
import app.geminal.schedule.Ordering;
import app.geminal.schedule.RankedSchedule;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.StartingSteel;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import app.geminal.sizing.Finish;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.HoldChance;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FinderTest {
  private static final Shop SHOP = Shop.common();
  private static final FinishedBar BLADE = new FinishedBar(38, 6, 300);
  private static final Piece DARK = new Piece("D", 3.2);
  private static final Piece BRIGHT = new Piece("B", 1.5);
  private static final StartingSteel STACKS =
      new StartingSteel.Stacks(List.of(DARK), List.of(BRIGHT), 40);

  private static Bounds small(int most, int restacks, Layout... layouts) {
    return new Bounds(3, most, Set.of(layouts), restacks, 2, 4, true, true);
  }

  private static FinderQuestion question(
      long count, double tolerance, Bounds bounds, @Nullable Piece insert, List<Piece> core) {
    return new FinderQuestion(
        new LayerTarget.Near(count, tolerance, CountKind.VISIBLE),
        STACKS,
        BLADE,
        bounds,
        insert,
        core,
        26,
        SearchLimits.of(SHOP));
  }

  private static FinderQuestion usual(long count) {
    return question(count, 0.05, Bounds.full(), BRIGHT, List.of());
  }

  private static SearchOutcome find(FinderQuestion question) {
    return Finder.find(
        question, TestSteels.ALL, SHOP, new SlopedChance(), SearchListener.NONE, Finder.USUAL_WORK);
  }

  /** Every candidate of a question, not only the ones worth choosing. */
  private static List<Candidate> everything(FinderQuestion question, ExclusionTally tally) {
    List<Candidate> all = new ArrayList<>();
    Shortlist list = (_, candidate) -> all.add(candidate.get());
    SearchContext r = new SearchContext(question, TestSteels.ALL, SHOP, new SlopedChance());
    ScheduleWalk walk = new ScheduleWalk(r, list, tally, () -> true);
    int fewest = question.core().isEmpty() ? 0 : 1;
    for (int n = question.bounds().fewestPieces(); n <= question.bounds().mostPieces(); n++) {
      for (Layout layout : question.bounds().layouts()) {
        if (layout != Layout.DOUBLED || n % 2 == 0) {
          StartStack start = new StartStack(n, layout, DARK, BRIGHT);
          walk.from(
              start, OptionalDouble.empty(), fewest, question.bounds().mostRestacks(), 1L << 40);
        }
      }
    }
    return all;
  }

  private static void hasSameAsNaive(FinderQuestion question) {
    NaiveSchedules naive = new NaiveSchedules(question, SHOP);
    naive.search();
    ExclusionTally tally = new ExclusionTally();
    List<Candidate> all = everything(question, tally);
    assertThat(all).isNotEmpty();
    assertThat(all.stream().map(c -> c.schedule().toString()).collect(Collectors.toSet()))
        .isEqualTo(naive.keeping.keySet());
    assertThat(all).hasSameSizeAs(naive.keeping.keySet());
    for (Candidate candidate : all) {
      NaiveSchedules.Result other = naive.keeping.get(candidate.schedule().toString());
      assertThat(candidate.visible()).as("%s", candidate.schedule()).isEqualTo(other.layers());
      assertThat(candidate.lengthMm()).isEqualTo(other.startMm());
      assertThat(candidate.cost()).as("%s", candidate.schedule()).isEqualTo(other.cost());
    }
    assertThat(tally.reaching() - tally.census().tooThin()).isEqualTo(naive.reaching);
    frontIsRight(question, all);
  }

  /** The ways given are those of all candidates that no other beats in everything. */
  private static void frontIsRight(FinderQuestion question, List<Candidate> all) {
    Set<String> best = new TreeSet<>();
    for (Candidate candidate : all) {
      if (all.stream().noneMatch(c -> beats(c.cost(), candidate.cost()))) {
        best.add(candidate.schedule().toString());
      }
    }
    SearchOutcome.Found found = (SearchOutcome.Found) find(question);
    assertThat(found.ways().stream().map(w -> w.schedule().toString()).collect(Collectors.toSet()))
        .isEqualTo(best);
    assertThat(found.census().keeping()).isEqualTo(all.size());
  }

  private static boolean beats(Cost a, Cost b) {
    long[] x = {a.welds(), a.faces(), a.steel(), a.minutes(), a.risk(), a.distance()};
    long[] y = {b.welds(), b.faces(), b.steel(), b.minutes(), b.risk(), b.distance()};
    boolean better = false;
    for (int i = 0; i < x.length; i++) {
      if (x[i] > y[i]) {
        return false;
      }
      better |= x[i] < y[i];
    }
    return better;
  }

  @ParameterizedTest
  @CsvSource({"20, 0.2", "45, 0.1", "45, 0", "120, 0.05"})
  void findsWhatPlainLoopsFind(long count, double tolerance) {
    hasSameAsNaive(question(count, tolerance, small(9, 2, Layout.values()), BRIGHT, List.of()));
  }

  @Test
  void findsWhatPlainLoopsFindInThreeRestacksWithoutSheets() {
    hasSameAsNaive(question(90, 0.1, small(6, 3, Layout.PLAIN), null, List.of()));
    // Some of them have finer layers than that.
    hasSameAsNaive(
        question(60, 0.2, small(6, 2, Layout.PLAIN), BRIGHT, List.of()).with(Limit.FINEST, 0.06));
  }

  @Test
  void findsWhatPlainLoopsFindRoundACore() {
    hasSameAsNaive(
        question(
            60,
            0.15,
            small(8, 2, Layout.PLAIN, Layout.DOUBLED),
            BRIGHT,
            List.of(BRIGHT, DARK, BRIGHT)));
  }

  @Test
  void findsWhatPlainLoopsFindForTheShopCount() {
    FinderQuestion question = question(48, 0.1, small(8, 2, Layout.PLAIN), DARK, List.of());
    hasSameAsNaive(question.withAim(new LayerTarget.Near(48, 0.1, CountKind.SHOP)));
  }

  @Test
  void findsWhatPlainLoopsFindUnderTighterLimits() {
    FinderQuestion question = question(45, 0.2, small(12, 2, Layout.PLAIN), BRIGHT, List.of());
    hasSameAsNaive(
        question.withWithin(
            question
                .within()
                .with(Limit.TALLEST, 28)
                .with(Limit.LONGEST, 500)
                .with(Limit.HEAVIEST, 1.2)));
  }

  @Test
  void everyWayIsAPlanThatComesToItsFigures() {
    FinderQuestion question = usual(300);
    SearchOutcome.Found found = (SearchOutcome.Found) find(question);
    assertThat(found.ways()).hasSizeGreaterThan(20);
    for (RankedSchedule way : found.ways()) {
      Plan plan = way.plan(question, SHOP);
      Run run = Run.of(plan, TestSteels.ALL, SHOP.defaults());
      assertThat(run.stop()).isEmpty();
      assertThat(run.last().visibleCount()).isEqualTo(way.layers().visible()).isBetween(285L, 315L);
      assertThat(run.last().bars().shopCount()).isEqualTo(way.layers().shop());
      assertThat(run.startedWith().massKg(TestSteels.ALL)).isCloseTo(way.startKg(), within(1e-9));
      assertThat(run.yieldFraction()).isCloseTo(way.yield(), within(1e-9));
      assertThat(Finish.of(run, SHOP.defaults()).isEnough()).isTrue();
      assertThat(way.extent().tallestMm()).isLessThanOrEqualTo(100);
      assertThat(way.extent().longestMm()).isLessThanOrEqualTo(900);
    }
  }

  @Test
  void oneMillimetreLessIsTooLittle() {
    FinderQuestion question = usual(300);
    RankedSchedule way = ((SearchOutcome.Found) find(question)).ways().getFirst();
    Plan plan = way.plan(question, SHOP);
    Stack stack = plan.stack();
    Plan shorter = plan.withStack(stack.withFace(stack.widthMm(), stack.lengthMm() - 1));
    Run run = Run.of(shorter, TestSteels.ALL, SHOP.defaults());
    boolean enough = Finish.of(run, SHOP.defaults()).isEnough();
    boolean held =
        run.stages().stream().allMatch(s -> s.bars().lengthMm() >= SHOP.limits().shortestPieceMm());
    assertThat(enough && held).isFalse();
  }

  @Test
  void theSameQuestionHasTheSameAnswer() {
    assertThat(find(usual(300))).isEqualTo(find(usual(300)));
  }

  @Test
  void sevenIsAStackOfSeven() {
    SearchOutcome.Found found = (SearchOutcome.Found) find(usual(7));
    assertThat(found.ways().getFirst().schedule().words().marked()).isEqualTo("7 pieces");
    assertThat(found.ways()).allMatch(w -> w.layers().visible() == 7);
  }

  @Test
  void farTooManyIsStoppedAndSaysHowFarItCame() {
    SearchOutcome outcome =
        Finder.find(
            usual(100_000), TestSteels.ALL, SHOP, new SlopedChance(), SearchListener.NONE, 50_000);
    assertThat(outcome)
        .isInstanceOfSatisfying(
            SearchOutcome.Stopped.class,
            stopped -> {
              assertThat(stopped.cancelled()).isFalse();
              assertThat(stopped.restacksSeen()).isEqualTo(2);
            });
  }

  @Test
  void canBeCalledOff() {
    AtomicInteger seen = new AtomicInteger();
    SearchListener watch =
        new SearchListener() {
          @Override
          public boolean shouldContinue() {
            return seen.get() < 5;
          }

          @Override
          public void seen(Progress progress) {
            assertThat(progress.done()).isBetween(1, progress.of());
            seen.incrementAndGet();
          }
        };
    SearchOutcome outcome =
        Finder.find(usual(300), TestSteels.ALL, SHOP, new SlopedChance(), watch, Finder.USUAL_WORK);
    assertThat(outcome)
        .isInstanceOfSatisfying(
            SearchOutcome.Stopped.class, s -> assertThat(s.cancelled()).isTrue());
  }

  @Test
  void nothingWithinALimitSaysWhereItWouldHaveToStand() {
    FinderQuestion tight =
        question(300, 0.05, Bounds.full(), BRIGHT, List.of())
            .withWithin(SearchLimits.of(SHOP).with(Limit.HEAVIEST, 0.5));
    SearchOutcome.Nothing nothing = (SearchOutcome.Nothing) find(tight);
    assertThat(nothing.census().reaching()).isPositive();
    assertThat(nothing.census().ruledOut().getFirst().limit()).isEqualTo(Limit.HEAVIEST);
    SearchOutcome.Relaxation relaxation = nothing.relaxations().getFirst();
    assertThat(relaxation.limits()).containsOnlyKeys(Limit.HEAVIEST);
    assertThat(find(relaxation.appliedTo(tight))).isInstanceOf(SearchOutcome.Found.class);
    double justUnder = relaxation.limits().get(Limit.HEAVIEST) - 0.1;
    assertThat(find(tight.with(Limit.HEAVIEST, justUnder)))
        .isInstanceOf(SearchOutcome.Nothing.class);
  }

  @Test
  void severalLimitsInTheWayAreMovedTogether() {
    FinderQuestion tight =
        usual(300).withWithin(SearchLimits.of(SHOP).with(Limit.HEAVIEST, 0.5).with(Limit.WIDE, 20));
    SearchOutcome.Nothing nothing = (SearchOutcome.Nothing) find(tight);
    assertThat(nothing.relaxations()).hasSize(1);
    SearchOutcome.Relaxation relaxation = nothing.relaxations().getFirst();
    assertThat(relaxation.limits()).containsKeys(Limit.HEAVIEST, Limit.WIDE);
    assertThat(find(relaxation.appliedTo(tight))).isInstanceOf(SearchOutcome.Found.class);
  }

  @Test
  void aCountNoScheduleComesToSaysHowNearOneComes() {
    Bounds oneCut = new Bounds(5, 5, EnumSet.of(Layout.PLAIN), 1, 4, 4, false, false);
    FinderQuestion question = question(23, 0, oneCut, null, List.of());
    SearchOutcome.Nothing nothing = (SearchOutcome.Nothing) find(question);
    SearchOutcome.Relaxation relaxation = nothing.relaxations().getFirst();
    // 5 pieces cut in 4 make 17.
    assertThat(relaxation.tolerance().orElseThrow()).isCloseTo(6 / 23.0, within(0.001));
    assertThat(find(relaxation.appliedTo(question))).isInstanceOf(SearchOutcome.Found.class);
  }

  @Test
  void goesOnFromABarThatIsThere() {
    LayerSequence layers =
        new Stack(new StartStack(25, Layout.PLAIN, DARK, BRIGHT).laid(), 40, 100).layers();
    Bars bar = Bars.level(1, 40, 200, layers.scaledBy(24 / layers.thicknessMm()), 25, false);
    FinderQuestion question =
        new FinderQuestion(
            new LayerTarget.Near(86, 0.1, CountKind.VISIBLE),
            new StartingSteel.Bar(bar),
            new FinishedBar(38, 6, 300),
            Bounds.full(),
            null,
            List.of(),
            24,
            SearchLimits.of(SHOP));
    SearchOutcome.Found found = (SearchOutcome.Found) find(question);
    assertThat(found.ways().getFirst().schedule().words().marked()).isEqualTo("the bar, cut 4");
    assertThat(found.ways())
        .allSatisfy(way -> {
          assertThat(way.extent().finishedMm()).isGreaterThanOrEqualTo(300);
          assertThat(way.startMm()).isEqualTo(200);
          assertThat(way.shapes().getFirst().pieces()).isEqualTo(1);
        });
    SearchOutcome tooMuch = find(question.withLengthMm(900));
    assertThat(tooMuch)
        .isInstanceOfSatisfying(
            SearchOutcome.Nothing.class,
            n -> assertThat(n.relaxations().getFirst().limits()).containsKey(Limit.LENGTH));
  }

  @Test
  void saysTheMostTheShelfGives() {
    StartingSteel.Shelf shelf =
        new StartingSteel.Shelf(
            DARK,
            BRIGHT,
            40,
            List.of(new StartingSteel.Supply(1000, 1)),
            List.of(new StartingSteel.Supply(600, 1), new StartingSteel.Supply(300, 1)));
    FinderQuestion question =
        new FinderQuestion(
            new LayerTarget.Most(200, CountKind.VISIBLE),
            shelf,
            new FinishedBar(38, 6, 200),
            small(20, 2, Layout.PLAIN),
            null,
            List.of(),
            24,
            SearchLimits.of(SHOP));
    SearchOutcome.Found found = (SearchOutcome.Found) find(question);
    for (RankedSchedule way : found.ways()) {
      StartStack start = way.schedule().start().orElseThrow();
      int dark = (start.pieces() + 1) / 2;
      int bright = start.pieces() / 2;
      double kerf = SHOP.defaults().kerfMm();
      double piece = way.startMm() + kerf;
      assertThat((int) ((1000 + kerf) / piece)).isGreaterThanOrEqualTo(dark);
      assertThat((int) ((600 + kerf) / piece) + (int) ((300 + kerf) / piece))
          .isGreaterThanOrEqualTo(bright);
      double longer = piece + 0.6;
      boolean shelfGivesMore =
          (int) ((1000 + kerf) / longer) >= dark
              && (int) ((600 + kerf) / longer) + (int) ((300 + kerf) / longer) >= bright;
      // What stops it then is the bar, which grows at least as fast as the stack.
      assertThat(!shelfGivesMore || way.extent().longestMm() > 890)
          .as("%s", way.schedule())
          .isTrue();
      assertThat(way.extent().longestMm()).isLessThanOrEqualTo(900 + 1e-6);
    }
    assertThat(found.ways()).extracting(w -> w.layers().visible()).anyMatch(v -> v > 90);
  }

  @Test
  void handToolsRuleOutWhatAPressDoes() {
    FinderQuestion question = usual(300);
    Shop byHand = ShopPreset.HAND_HAMMER.shop();
    SearchOutcome outcome =
        Finder.find(
            question.withWithin(SearchLimits.of(byHand)),
            TestSteels.ALL,
            byHand,
            new SlopedChance(),
            SearchListener.NONE,
            Finder.USUAL_WORK);
    assertThat(outcome.census().ruledOut())
        .extracting(Census.RuledOut::limit)
        .contains(Limit.TALLEST);
  }

  @Test
  void aBarWhoseLayersDoNotLieFlatIsRefused() {
    Bars bar = Bars.level(1, 40, 260, LayerSequence.band("D", 10), 1, false);
    assertThatThrownBy(() -> new StartingSteel.Bar(bar.withSection(bar.section().quarterTurned())))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new StartingSteel.Bar(bar.times(2))).isInstanceOf(InvalidValue.class);
  }

  @Test
  void aRecordMovesTheChance() {
    assertThat(HoldChance.prior().ofJoints(0)).isCloseTo(0.95, within(1e-12));
    assertThat(HoldChance.prior().of(true, 40, 200, 4))
        .isCloseTo(0.95 * Math.pow(0.998, 4), within(1e-12));
  }

  /** Whatever thicknesses are asked for, with whatever sheet: an answer, never an exception. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void anyThicknessesCanBeAsked(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 40; i++) {
      FinderQuestion asked = random(random);
      assertThatCode(() ->
              Finder.find(
                  asked, TestSteels.ALL, SHOP, new SlopedChance(), SearchListener.NONE, 30_000))
          .as("seed %d, question %d: %s", seed, i, asked)
          .doesNotThrowAnyException();
    }
  }

  private static FinderQuestion random(Random random) {
    return new FinderQuestion(
        new LayerTarget.Near(
            20 + random.nextInt(600), 0.05 + 0.2 * random.nextDouble(), CountKind.VISIBLE),
        new StartingSteel.Stacks(
            List.of(new Piece("D", 0.2 + 4 * random.nextDouble())),
            List.of(new Piece("B", 0.2 + 4 * random.nextDouble())),
            20 + random.nextInt(40)),
        new FinishedBar(20 + random.nextInt(30), 3 + random.nextInt(8), 100 + random.nextInt(400)),
        Bounds.full(),
        random.nextInt(4) == 0 ? null : new Piece("B", 0.05 + 3 * random.nextDouble()),
        random.nextInt(3) == 0 ? List.of(new Piece("D", 5)) : List.of(),
        5 + random.nextInt(80),
        SearchLimits.of(SHOP).with(Limit.FINEST, random.nextInt(2) * 0.1 * random.nextDouble()));
  }

  /**
   * Broad sheets among fine layers are no pattern: few rows have any, and the plain way is near.
   */
  @ParameterizedTest
  @ValueSource(longs = {120, 300, 640})
  void theFirstRowsHaveEvenLayers(long count) {
    FinderQuestion question =
        new FinderQuestion(
                new LayerTarget.Near(count, 0.05, CountKind.VISIBLE),
                new StartingSteel.Stacks(List.of(new Piece("D", 3.2)), List.of(BRIGHT), 40),
                new FinishedBar(38, 6, 300),
                Bounds.full(),
                BRIGHT,
                List.of(),
                24,
                SearchLimits.of(SHOP))
            .tryingHigherBlocks(SHOP);
    List<RankedSchedule> ways =
        Ordering.by(Criterion.WELDS, ((SearchOutcome.Found) find(question)).ways(), question);
    assertThat(ways.subList(0, 5)).anyMatch(RankedSchedule::isPlain);
    assertThat(ways.subList(0, 5)).extracting(RankedSchedule::blockMm).isSubsetOf(24.0, 36.0);
    for (RankedSchedule way : ways.subList(0, 5)) {
      double coarse = coarseShare(way, question);
      assertThat(coarse).as("%s", way.schedule()).isLessThanOrEqualTo(0.15);
      assertThat(way.layers().look()).hasSize(RankedSchedule.LOOKS);
    }
    assertThat(ways).extracting(RankedSchedule::blockMm).contains(24.0, 36.0);
  }

  @Test
  void layersFinerThanAskedAreRuledOutAndTheFinestThatWouldDoIsSaid() {
    // Of short stacks every second layer is at a face.
    Bounds tallStacks = new Bounds(12, 60, Set.of(Layout.PLAIN), 6, 2, 12, true, false);
    FinderQuestion question = question(640, 0.05, tallStacks, BRIGHT, List.of());
    List<RankedSchedule> all = ((SearchOutcome.Found) find(question)).ways();
    double middle =
        all.stream().mapToDouble(w -> finestMm(w, question)).sorted().toArray()[all.size() / 2];
    SearchOutcome.Found finer = (SearchOutcome.Found) find(question.with(Limit.FINEST, middle));
    assertThat(finer.ways())
        .isNotEmpty()
        .allSatisfy(w -> assertThat(finestMm(w, question)).isGreaterThanOrEqualTo(0.999 * middle));
    assertThat(finer.census().ruledOut()).extracting(Census.RuledOut::limit).contains(Limit.FINEST);
    // Where none is coarse enough, it says where the limit would have to stand, to the thousandth.
    SearchOutcome.Nothing none = (SearchOutcome.Nothing) find(question.with(Limit.FINEST, 1));
    SearchOutcome.Relaxation relaxed = none.relaxations().getFirst();
    assertThat(relaxed.limits()).containsOnlyKeys(Limit.FINEST);
    assertThat(find(relaxed.appliedTo(question.with(Limit.FINEST, 1))))
        .isInstanceOf(SearchOutcome.Found.class);
  }

  /**
   * The finest layer from the plan itself, but for those that lie at ground faces: up to a fifth.
   */
  private static double finestMm(RankedSchedule way, FinderQuestion question) {
    double[] layers = layersMm(way, question);
    return layers[layers.length / 4];
  }

  /** From the plan itself: height of layers over four times the middle one. */
  private static double coarseShare(RankedSchedule way, FinderQuestion question) {
    double[] layers = layersMm(way, question);
    double median = layers[layers.length / 2];
    return java.util.Arrays.stream(layers).filter(l -> l > 4 * median).sum()
        / java.util.Arrays.stream(layers).sum();
  }

  /** Of the finished bar, the thinnest first. */
  private static double[] layersMm(RankedSchedule way, FinderQuestion question) {
    return Run.of(way.plan(question, SHOP), TestSteels.ALL, SHOP.defaults())
        .last()
        .bars()
        .layers()
        .layers(10_000)
        .orElseThrow()
        .stream()
        .mapToDouble(app.geminal.layers.Layer::thicknessMm)
        .sorted()
        .toArray();
  }
}
