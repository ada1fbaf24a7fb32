package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.bar.Form;
import app.geminal.bar.Size;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What mirrors, twists, rolls and uneven forging do to where the steels are. */
class FieldTest {
  private static final String BAR = "9 (D 2.5, B 2.5) 24 x 240 > ";
  private static final int POINTS = 4000;

  static LongStream someSeeds() {
    return LongStream.range(0, 200);
  }

  /** A point of the bar, each part from 0 to 1. */
  private interface AtPoint {
    void check(double x, double y, double z);
  }

  private static void everywhere(AtPoint point) {
    SplittableRandom random = new SplittableRandom(11);
    for (int i = 0; i < POINTS; i++) {
      point.check(random.nextDouble(), random.nextDouble(), random.nextDouble());
    }
  }

  private static String steel(Field field, double x, double y, double z) {
    Size box = Size.of(field.bars());
    return field.steelAt(x * box.length(), y * box.width(), z * box.height(), 0).orElse("");
  }

  @Test
  void fourWayPiecesAreMirrorsOfEachOther() {
    Field tile = TestViews.last(BAR + "draw 20 x 20 > resquare 30 > trim 5, 5 > fourway same");
    everywhere((x, y, z) -> {
      assertThat(steel(tile, x, 1 - y, z)).isEqualTo(steel(tile, x, y, z));
      assertThat(steel(tile, x, y, 1 - z)).isEqualTo(steel(tile, x, y, z));
    });
  }

  @Test
  void aBarTurnedOverAndSetOnItselfIsAMirror() {
    Field two = TestViews.last(BAR + "ladder pitch 20, width 10, depth 3 > cut 2 > restack turned");
    Size box = Size.of(two.bars());
    everywhere((x, y, z) -> {
      // Pieces follow each other along the bar, so the grooves of the second have moved on.
      assertThat(two.steelAt(x * box.length(), y * box.width(), 0, 0)).contains("D");
      assertThat(two.steelAt(x * box.length(), y * box.width(), box.height(), 0)).contains("D");
    });
    Field flat = TestViews.last("(D 3) + 4 (B 2, D 2) 24 x 240 > cut 2 > restack turned");
    everywhere((x, y, z) -> assertThat(steel(flat, x, y, 1 - z)).isEqualTo(steel(flat, x, y, z)));
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 4, 7})
  void turnsOfATwistRepeatWithThePitch(int turns) {
    Field bar = TestViews.last(BAR + "draw 16 x 16 > twist " + turns);
    everywhere((x, y, z) ->
        assertThat(steel(bar, (x + 1) / turns % 1, y, z)).isEqualTo(steel(bar, x / turns, y, z)));
  }

  @Test
  void aTwistTheOtherWayIsTheMirrorImage() {
    Field right = TestViews.last(BAR + "draw 16 x 16 > twist 5, right");
    Field left = TestViews.last(BAR + "draw 16 x 16 > twist 5, left");
    everywhere((x, y, z) -> assertThat(steel(left, x, 1 - y, z)).isEqualTo(steel(right, x, y, z)));
  }

  @Test
  void aHalfTurnBringsTheFacesUpsideDown() {
    Field bar = TestViews.last("(D 20, B 20) 40 x 200 > draw 16 x 16 > twist 0.5");
    assertThat(steel(bar, 1e-3, 0.5, 0.1)).isEqualTo("D");
    assertThat(steel(bar, 1 - 1e-3, 0.5, 0.1)).isEqualTo("B");
    assertThat(steel(bar, 0.5, 0.1, 0.5)).isNotEqualTo(steel(bar, 0.5, 0.9, 0.5));
  }

  @Test
  void aFoldBringsTheFarEndOverTheNearOne() {
    Field bar = TestViews.last("(D 20, B 20) 40 x 200 > draw 16 x 16 > twist 0.5 > fold");
    // At the far end the bar is upside down already, and folding turns it back.
    assertThat(steel(bar, 1e-3, 0.5, 0.05)).isEqualTo("D");
    assertThat(steel(bar, 1e-3, 0.5, 0.45)).isEqualTo("B");
    assertThat(steel(bar, 1e-3, 0.5, 0.55)).isEqualTo("D");
    assertThat(steel(bar, 1e-3, 0.5, 0.95)).isEqualTo("B");
  }

  @Test
  void piecesOfTheSawComeFromAlongTheBar() {
    Field pieces = TestViews.last("(D 20, B 20) 40 x 200 > draw 16 x 16 > twist 1 > cut 2");
    Size box = Size.of(pieces.bars());
    // Half a turn between where the first and the second piece begin.
    assertThat(pieces.steelAt(1, 8, 2, 0)).contains("D");
    assertThat(pieces.steelAt(1, 8, 2, 1)).contains("B");
    assertThat(pieces.steelAt(box.length() - 1, 8, 2, 1)).contains("D");
  }

  @Test
  void aQuarterTurnRollsTheTopToTheLeftAndTheLeftToTheBottom() {
    Field bars = TestViews.last("(D 10, B 10) 20 x 200 > cut 2 > layup same, left (M 20)");
    assertThat(steel(bars, 0.5, 0.1, 0.5)).isEqualTo("M");
    Field turned =
        TestViews.last("(D 10, B 10) 20 x 200 > layup same, left (M 20) > cut 2 > layup (quarter)");
    assertThat(steel(turned, 0.5, 0.125, 0.75)).isEqualTo("B");
    assertThat(steel(turned, 0.5, 0.375, 0.75)).isEqualTo("D");
    assertThat(steel(turned, 0.5, 0.25, 0.25)).isEqualTo("M");
  }

  @Test
  void aRolledStripShowsAWrapForEveryTurn() {
    Field roll = TestViews.last("(D 2, B 2) 24 x 200 > roll round");
    double radius = roll.bars().widthMm() / 2;
    ScanLine outwards =
        ScanLine.of(TestViews.end(roll), radius + 0.2, radius, 2 * radius, radius + 1e-9);
    // 200 mm of a strip 4 mm high fill a disc of radius 15.96 mm: four wraps of two layers, less
    // the scale, and the scarfed end of a fifth.
    assertThat(radius).isCloseTo(Math.sqrt(200 * 4 / Math.PI), within(0.3));
    assertThat(outwards.count()).isEqualTo(10);
    assertThat(outwards.layers().getLast().steel()).isEqualTo("D");
    assertThat(outwards.layers().subList(2, 8))
        .allSatisfy(wrap -> assertThat(wrap.thicknessMm()).isCloseTo(1.95, within(0.05)));
  }

  @Test
  void aRollHasItsCoreInTheMiddle() {
    Field roll = TestViews.last("(D 2, B 2) 24 x 200 > roll round, core (M 8)");
    assertThat(steel(roll, 0.3, 0.5, 0.5)).isEqualTo("M");
    assertThat(roll.bars().form()).isEqualTo(Form.ROUND);
    assertThat(steel(roll, 0.5, 0.001, 0.001)).isEmpty();
  }

  /** Plans worked the usual way; what is ground off a bent section the ledger takes as average. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("someSeeds")
  void sharesOfTheSteelsAreTheLedgers(long seed) {
    Field field = TestViews.last(TestViews.run(RandomPlans.sizeable(seed)));
    Map<String, Integer> found = found(field, seed);
    int hits = found.values().stream().mapToInt(Integer::intValue).sum();
    double volume = field.bars().amount().volumeMm3();
    field
        .bars()
        .amount()
        .mm3BySteel()
        .forEach((steel, mm3) ->
            assertThat((double) found.getOrDefault(steel, 0) / hits)
                .as(steel)
                .isCloseTo(mm3 / volume, within(0.07)));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("someSeeds")
  void everyPointOfAnyPlanIsOneOfItsSteels(long seed) {
    Field field = TestViews.last(TestViews.run(RandomPlans.plan(seed)));
    if (field.bars().count() > 0) {
      assertThat(found(field, seed)).isNotEmpty();
      assertThat(found(field, seed).keySet()).allMatch(s -> TestSteels.ALL.find(s).isPresent());
    }
  }

  private static Map<String, Integer> found(Field field, long seed) {
    Map<String, Integer> found = new TreeMap<>();
    SplittableRandom random = new SplittableRandom(seed);
    Size box = Size.of(field.bars());
    for (int i = 0; i < POINTS; i++) {
      field
          .steelAt(
              random.nextDouble() * box.length(),
              random.nextDouble() * box.width(),
              random.nextDouble() * box.height(),
              random.nextInt(field.bars().count()))
          .ifPresent(steel -> found.merge(steel, 1, Integer::sum));
    }
    return found;
  }
}
