package app.geminal.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.HoldChance;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.function.IntToDoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvidenceTest {
  private static final int SHOPS = 1000;

  /** Chance of at least that many hits, summed term by term. */
  private static double atLeast(int hits, int n, double p) {
    BigDecimal sum = BigDecimal.ZERO;
    BigDecimal term = BigDecimal.ONE;
    BigDecimal yes = BigDecimal.valueOf(p);
    BigDecimal no = BigDecimal.ONE.subtract(yes);
    for (int k = 0; k <= n; k++) {
      if (k >= hits) {
        sum = sum.add(term.multiply(yes.pow(k)).multiply(no.pow(n - k)), MathContext.DECIMAL128);
      }
      term =
          term.multiply(BigDecimal.valueOf(n - k))
              .divide(BigDecimal.valueOf(k + 1), MathContext.DECIMAL128);
    }
    return sum.doubleValue();
  }

  @ParameterizedTest
  @CsvSource({"1,5", "3,7", "10,12", "2,40", "30,200", "199,200", "450,500"})
  void limitsAreExact(int hits, int n) {
    Interval interval = Interval.of(hits, n);
    assertThat(atLeast(hits, n, interval.low())).isCloseTo(0.05, within(1e-9));
    assertThat(1 - atLeast(hits + 1, n, interval.high())).isCloseTo(0.05, within(1e-9));
  }

  @Test
  void noneAndAllHaveOneLimitOnly() {
    assertThat(Interval.of(0, 0)).isEqualTo(new Interval(0, 1));
    assertThat(Interval.of(0, 5).low()).isZero();
    assertThat(Interval.of(0, 5).high()).isCloseTo(1 - Math.pow(0.05, 0.2), within(1e-12));
    assertThat(Interval.of(5, 5).high()).isEqualTo(1);
  }

  @Test
  void limitsHoldTheTruthAtTheirRate() {
    Random random = new Random(11);
    int held = 0;
    for (int shop = 0; shop < SHOPS; shop++) {
      double truth = random.nextDouble() * 0.5;
      int n = 5 + random.nextInt(100);
      int hits = 0;
      for (int i = 0; i < n; i++) {
        hits += random.nextDouble() < truth ? 1 : 0;
      }
      Interval interval = Interval.of(hits, n);
      held += interval.low() <= truth && truth <= interval.high() ? 1 : 0;
    }
    // Exact limits err on the safe side: 90 % stated, more in fact.
    assertThat(held / (double) SHOPS).isBetween(0.9, 0.97);
  }

  @Test
  void foretoldLimitsHoldTheTruthAtTheirRate() {
    int held = 0;
    for (int seed = 0; seed < SHOPS; seed++) {
      SimulatedShop shop = new SimulatedShop(seed, believed(seed));
      HoldModel model = HoldModel.of(shop.welds(40 + seed % 160));
      WeldObservation next = shop.weld();
      double truth = shop.chance(next);
      Interval limits = model.predict(next).limits();
      held += limits.low() <= truth && truth <= limits.high() ? 1 : 0;
    }
    assertThat(held / (double) SHOPS).isCloseTo(0.9, within(0.03));
  }

  /** A weld with a map, and whether it held. */
  private static WeldObservation mapped(double chance, boolean isHeld) {
    return new WeldObservation(
        Set.of(),
        AtmosphereProtection.BORAX,
        1150,
        WeldConditions.UNKNOWN.of(5, false).withMap(chance),
        "",
        isHeld ? WeldOutcome.HELD : WeldOutcome.OPEN,
        List.of());
  }

  @Test
  void withoutARecordAMapIsBelieved() {
    for (double chance : List.of(0.1, 0.5, 0.9)) {
      assertThat(HoldModel.ofMaps(List.of()).predict(mapped(chance, true)).mean())
          .isCloseTo(chance, within(0.12));
    }
    assertThat(HoldModel.ofMaps(List.of()).predict(mapped(0, true)).mean()).isLessThan(0.1);
    assertThat(HoldModel.ofMaps(List.of()).predict(mapped(1, true)).mean()).isGreaterThan(0.9);
  }

  /** Maps that promise too much are believed less, and a better map is still a better chance. */
  @Test
  void whatMapsAreWorthIsLearnedFromWhatBecameOfWelds() {
    List<WeldObservation> book = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      book.add(mapped(0.9, i % 5 < 3));
      book.add(mapped(0.5, i % 5 < 1));
    }
    double high = HoldModel.ofMaps(book).predict(mapped(0.9, true)).mean();
    double low = HoldModel.ofMaps(book).predict(mapped(0.5, true)).mean();
    assertThat(high).isCloseTo(0.6, within(0.06));
    assertThat(low).isCloseTo(0.2, within(0.06));
    assertThat(HoldModel.ofMaps(book).predict(mapped(0.7, true)).mean()).isBetween(low, high);
  }

  /** A record that contradicts its maps makes them worth nothing, never less. */
  @Test
  void aBetterMapIsNeverAWorseChance() {
    List<WeldObservation> book = new ArrayList<>();
    for (int i = 0; i < 400; i++) {
      book.add(mapped(0.9, i % 10 == 0));
      book.add(mapped(0.1, i % 10 != 0));
    }
    double before = 0;
    for (double chance = 0; chance <= 1; chance += 0.05) {
      double now = HoldModel.ofMaps(book).predict(mapped(chance, true)).mean();
      assertThat(now).isGreaterThanOrEqualTo(before - 0.02);
      before = now;
    }
  }

  /** Older welds have none; they say nothing of what maps are worth. */
  @Test
  void weldsWithoutAMapAreLeftToThoseWithout() {
    List<WeldObservation> book = new ArrayList<>();
    for (int i = 0; i < 100; i++) {
      book.add(
          SimulatedShop.with(
              new SimulatedShop(i, 1).weld(), i % 2 == 0 ? WeldOutcome.HELD : WeldOutcome.OPEN));
    }
    assertThat(HoldModel.ofMaps(book).predict(mapped(0.9, true)))
        .isEqualTo(HoldModel.ofMaps(List.of()).predict(mapped(0.9, true)));
  }

  /** Scales as often as the model believes in each. */
  private static double believed(int seed) {
    return HoldModel.SCALES.get(seed % HoldModel.SCALES.size());
  }

  @Test
  void whatIsPredictedComesAsOftenAsItIsPredicted() {
    assertThat(reliableBins(150, EvidenceTest::believed)).isGreaterThanOrEqualTo(5);
  }

  /** Whatever the shop is like, where its record is long enough. */
  @ParameterizedTest
  @CsvSource({"0.25, 2", "0.5, 3", "1, 5", "1.5, 5"})
  void soItDoesInShopsOfOneKind(double scale, int fewestBins) {
    assertThat(reliableBins(400, _ -> scale)).isGreaterThanOrEqualTo(fewestBins);
  }

  /** Tenths of chance with enough welds to judge; each of them is within five points. */
  private static int reliableBins(int welds, IntToDoubleFunction scaleOf) {
    double[] predicted = new double[10];
    int[] came = new int[10];
    int[] n = new int[10];
    for (int seed = 0; seed < SHOPS; seed++) {
      SimulatedShop shop = new SimulatedShop(5000 + seed, scaleOf.applyAsDouble(seed));
      HoldModel model = HoldModel.of(shop.welds(welds));
      for (int i = 0; i < 20; i++) {
        WeldObservation next = shop.weld();
        double p = model.mean(next);
        int bin = Math.min(9, (int) (p * 10));
        predicted[bin] += p;
        came[bin] += next.outcome() == WeldOutcome.HELD ? 1 : 0;
        n[bin]++;
      }
    }
    int judged = 0;
    for (int bin = 0; bin < 10; bin++) {
      if (n[bin] >= 400) {
        judged++;
        assertThat(came[bin] / (double) n[bin])
            .as("bin %d of %d welds", bin, n[bin])
            .isCloseTo(predicted[bin] / n[bin], within(0.05));
      }
    }
    return judged;
  }

  @Test
  void fiveWeldsAreTooFewToTell() {
    for (int seed = 0; seed < 50; seed++) {
      SimulatedShop shop = new SimulatedShop(seed, 1);
      List<WeldObservation> five = shop.welds(5);
      assertThat(Evidence.all(five).isTooFew()).isTrue();
      assertThat(HoldModel.of(five).predict(shop.weld()).isTooFew()).isTrue();
    }
    assertThat(new WeldTally(58, 2, 0).isTooFew()).isFalse();
    assertThat(new WeldTally(11, 0, 9).isTooFew()).as("suspect ones are not decided").isTrue();
    assertThat(new WeldTally(6, 6, 0).isTooFew()).as("wide limits").isTrue();
  }

  @Test
  void withoutARecordItIsTheStatedBelief() {
    WeldObservation next = new SimulatedShop(1, 1).weld();
    HoldModel none = HoldModel.of(List.of());
    double belief = HoldChance.prior().ofJoints(next.how().joints());
    HoldModel.Prediction predicted = none.predict(next);
    assertThat(predicted.mean()).isLessThan(belief).isGreaterThan(belief - 0.12);
    assertThat(predicted.limits().low()).isLessThan(belief);
    assertThat(predicted.limits().high()).isGreaterThan(belief);
    assertThat(none.mean(next)).isCloseTo(predicted.mean(), within(1e-12));
  }

  @Test
  void aHabitThatComesWithOpenSeamsMovesTheChanceAndOthersDoNot() {
    List<WeldObservation> book = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      book.add(past(AtmosphereProtection.DRY, i % 3 == 0 ? WeldOutcome.OPEN : WeldOutcome.HELD));
      book.add(past(AtmosphereProtection.BORAX, i % 30 == 0 ? WeldOutcome.OPEN : WeldOutcome.HELD));
    }
    Collections.shuffle(book, new Random(3));
    HoldModel model = HoldModel.of(book);
    double dry = model.predict(past(AtmosphereProtection.DRY, WeldOutcome.SUSPECT)).mean();
    double borax = model.predict(past(AtmosphereProtection.BORAX, WeldOutcome.SUSPECT)).mean();
    assertThat(dry).isCloseTo(0.69, within(0.06));
    assertThat(borax).isCloseTo(0.95, within(0.04));
    assertThat(model.moves().get("PROTECTION:DRY")).isNegative();
    assertThat(HoldModel.of(book.reversed()).predict(book.getFirst()).mean())
        .as("the order of the Book does not matter")
        .isCloseTo(model.predict(book.getFirst()).mean(), within(1e-9));
  }

  @Test
  void countsArePlain() {
    List<WeldObservation> book =
        List.of(
            past(AtmosphereProtection.DRY, WeldOutcome.OPEN),
            past(AtmosphereProtection.DRY, WeldOutcome.HELD),
            past(AtmosphereProtection.DRY, WeldOutcome.SUSPECT),
            past(AtmosphereProtection.BORAX, WeldOutcome.HELD));
    assertThat(Evidence.all(book)).isEqualTo(new WeldTally(2, 1, 1));
    assertThat(Evidence.by(book, Factor.PROTECTION))
        .containsExactly(
            line("DRY", new WeldTally(1, 1, 1)), line("BORAX", new WeldTally(1, 0, 0)));
    assertThat(Evidence.by(book, Factor.WAITING)).as("nobody wrote it down").isEmpty();
  }

  @Test
  void whatTheBookSaysIsBesideTheCheckItIsAbout() {
    WeldConditions tooShort =
        new WeldConditions(1100.0, 1200.0, 5.0, 10.0, null, null, null, null, null, 3, false, null);
    List<WeldObservation> few = Collections.nCopies(3, at(1150, tooShort));
    assertThat(RecordNotes.of(few)).containsOnlyKeys("soak-short");
    assertThat(RecordNotes.of(few).get("soak-short").marked())
        .isEqualTo(
            "In your Book, 0 of 3 welds soaked too short delaminated. Not enough welds yet.");
    assertThat(
            RecordNotes.of(Collections.nCopies(40, at(1150, tooShort))).get("soak-short").marked())
        .endsWith("delaminated: 0 to 7% (90% range).");
    assertThat(RecordNotes.of(List.of())).isEmpty();
  }

  private static Evidence.Line line(String level, WeldTally tally) {
    return new Evidence.Line(level, tally, WeldTally.NONE);
  }

  @Test
  void otherShopsAreCountedBesideAndTheirSmithsAreNot() {
    List<WeldObservation> own = new SimulatedShop(1, 1).welds(30);
    List<WeldObservation> others = new SimulatedShop(2, 1).welds(300);
    List<Evidence.Line> lines = Evidence.by(own, others, Factor.PROTECTION);
    assertThat(lines.stream().map(Evidence.Line::tally).reduce(WeldTally::plus))
        .hasValue(Evidence.all(own));
    assertThat(lines.stream().map(Evidence.Line::others).reduce(WeldTally::plus))
        .hasValue(Evidence.all(others));
    assertThat(lines)
        .isSortedAccordingTo((a, b) -> Integer.compare(b.tally().judged(), a.tally().judged()));
    assertThat(Evidence.by(List.of(), others, Factor.PROTECTION))
        .as("levels only others have")
        .hasSize(4);
    assertThat(Evidence.by(own, others, Factor.SMITH)).isEqualTo(Evidence.by(own, Factor.SMITH));
  }

  @Test
  void jointsAreCountedByWhereTheyLie() {
    WeldOutcome held = WeldOutcome.HELD;
    WeldObservation four =
        new WeldObservation(
            Set.of("1095"),
            AtmosphereProtection.DRY,
            1150,
            WeldConditions.UNKNOWN.of(4, false),
            "a",
            WeldOutcome.OPEN,
            List.of(WeldOutcome.OPEN, held, held, held));
    assertThat(Evidence.byPosition(List.of(four), List.of()))
        .containsExactlyInAnyOrder(
            line("outermost", new WeldTally(1, 1, 0)), line("inside", new WeldTally(2, 0, 0)));
  }

  @Test
  void levelsAreReportedAtTheirLimits() {
    WeldConditions how =
        new WeldConditions(1100.0, 1200.0, 10.0, 10.0, 5.0, 5.0, null, null, null, 3, false, null);
    assertThat(at(1099, how).level(Factor.HEAT)).contains("under");
    assertThat(at(1100, how).level(Factor.HEAT)).contains("cooler");
    assertThat(at(1150, how).level(Factor.HEAT)).contains("hotter");
    assertThat(at(1200, how).level(Factor.HEAT)).contains("hotter");
    assertThat(at(1201, how).level(Factor.HEAT)).contains("over");
    assertThat(at(1150, how).level(Factor.SOAK)).contains("enough");
    assertThat(at(1150, how).level(Factor.WAITING)).contains("in time");
    assertThat(at(1150, how).level(Factor.RESTACK)).contains("first");
    assertThat(at(1150, WeldConditions.UNKNOWN).level(Factor.RESTACK)).isEmpty();
  }

  @Test
  void twoWaysAreDistinguishedOnlyWhenTheLimitsSaySo() {
    Comparison clear = Comparison.of(new WeldTally(20, 20, 0), new WeldTally(58, 2, 0));
    assertThat(clear.isSignificant()).isTrue();
    assertThat(clear.difference()).isCloseTo(0.5 - 2 / 60.0, within(1e-12));
    assertThat(clear.limits().low()).isPositive();
    Comparison not = Comparison.of(new WeldTally(16, 4, 0), new WeldTally(18, 2, 0));
    assertThat(not.isSignificant()).isFalse();
    // Fleiss: 20 % against 10 %, 5 % level both sides together 10 %, four in five: 157 of each.
    assertThat(not.needed()).isEqualTo(157 - 20);
    Comparison alike = Comparison.of(new WeldTally(19, 1, 0), new WeldTally(19, 1, 0));
    assertThat(alike.needed()).as("ten points are worth finding").isBetween(30, 60);
    assertThat(Comparison.of(WeldTally.NONE, WeldTally.NONE).isSignificant()).isFalse();
  }

  private static WeldObservation at(double celsius, WeldConditions how) {
    return new WeldObservation(
        Set.of("1095"), AtmosphereProtection.DRY, celsius, how, "a", WeldOutcome.HELD, List.of());
  }

  private static WeldObservation past(AtmosphereProtection protection, WeldOutcome outcome) {
    return new WeldObservation(
        Set.of("1095", "15N20"),
        protection,
        1150,
        WeldConditions.UNKNOWN.of(4, false),
        "a",
        outcome,
        List.of());
  }
}
