package app.geminal.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.RandomPlans;
import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.layers.LayerSequence;
import app.geminal.operation.Draw;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ShorthandTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();

  static java.util.stream.LongStream seeds() {
    return RandomPlans.seeds();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsWrittenReadsBackTheSame(long seed) {
    Plan plan = RandomPlans.plan(seed);
    for (UnitSystem units : UnitSystem.values()) {
      String line = Shorthand.format(plan, units, PRACTICE);
      assertThat(Shorthand.parse(line, units, PRACTICE)).as(line).isEqualTo(plan);
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsShownIsInOneSystemAndReadsBackExactly(long seed) {
    Plan plan = RandomPlans.plan(seed);
    for (UnitSystem units : UnitSystem.values()) {
      String line = Shorthand.show(plan, units, PRACTICE);
      assertThat(line).doesNotContainPattern("\\dmm|[1-9]\\d*\\.\\d{4,}|\\.[1-9]\\d{4,}");
      assertThat(line).doesNotContainPattern(units == UnitSystem.INCH ? "\\dC\\b" : "\\dF\\b");
      assertThat(Shorthand.parse(line, units, PRACTICE, plan)).as(line).isEqualTo(plan);
    }
  }

  @Test
  void oneStepEditedInTheOtherSystemLeavesTheOthersExact() {
    Plan plan =
        Shorthand.parse(
            "13 (1075 1/8, 15N20 1/16) 1 1/2 x 6 > set 3 2150F > draw 1 1/2 x 3/8, 3 heats > set 3 2151F",
            UnitSystem.INCH,
            PRACTICE);
    String shown = Shorthand.show(plan, UnitSystem.METRIC, PRACTICE);
    assertThat(shown)
        .isEqualTo(
            "13 (1075 3.18, 15N20 1.59) 38.1 x 152.4 > set 3 1177C > draw 38.1 x 9.53, 3 heats > set 3 1177C");
    Plan edited =
        Shorthand.parse(shown.replace("3 heats", "4 heats"), UnitSystem.METRIC, PRACTICE, plan);
    assertThat(edited.stack()).isEqualTo(plan.stack());
    assertThat(edited.steps().get(0)).isEqualTo(plan.steps().get(0));
    assertThat(edited.steps().get(2)).isEqualTo(plan.steps().get(2));
    assertThat(((Draw) edited.steps().get(1).operation()).heats()).isEqualTo(4);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "13 (1075 1/8, 15N20 0.062) 1 1/2 x 5 7/8 > set 3 > draw 1 1/2 x 0.4, 4 heats"
            + " > trim 3/4, 1 > cut 5 > restack same > set 3",
        "(1075 1/4) + 11 (15N20 1/16, 1075 1/8) + (1075 1/4) 1 1/2 x 6 > set 3 10% 2200F 20min dry",
        "(1075 1/4, 15N20 1/8) 2 x 4 > cut 2, kerf 1/8 > restack turned, with (15N20 1/16)"
            + " > fold, end 1/2 > grind 1/64, 1/32 > trim 0, 1/2, sides 1/16",
        "(1075 1/4, 15N20 1/8 x 1 3/4 x 4 1/8, 1084 1 fill 70%) 2 x 4 > set 6 sealed ends vented round 2 bites",
        "(1075 1) 1 x 12 > twist 6.5, 3 sections, both, square, 4 heats > resquare 30, to 1/2, 2 heats"
            + " > upset 25%, bow 1/8, 3 heats > roll round, core (1084 1/4), 2 heats",
        "(1075 1) 1 x 12 > fourway quarter, kerf 1/8 > cut 3, each 2 > aside 2 > aside length 1, kerf 1/16",
        "(1075 1) 1 x 12 > ladder pitch 3/4, width 3/8, depth 1/8, both, pressed, to 1/2, 2 heats"
            + " > dimples pitch 1/2, across 1/4, depth 1/16, 1 heat > uneven 1/32, scale 1/2, seed 7",
        "(1075 1/4) 2 x 4 > sandwich (1018 1/8), ground 1/64 > sandwich below (1018 1/4), above (@edge over)",
        "(1075 1/4) 1 x 6 > blade 5 x 7/8 x 1/8, sheepsfoot, edge 1/64, bevel 3/4, taper 30%, tang 1 1/2",
        "part edge = (1084 1/4) 1 x 6 > set 3 | part rod = [part core = (1084 1/4) 1 x 6 | (1075 1/2) 1/2 x 6]"
            + " | 4 (1075 1/8, 15N20 1/16) 1 x 6 > off draw 1 x 1/2, 2 heats"
            + " > layup (same, over, end), left (@edge quarter shim (1084 1/32)), right (1018 1/8, @rod), shim (1084 1/64)"
            + " | want 2 of 4 x 7/8 x 1/8 splicing knife, 1 of 2 x 7/8 x 1/8 coupon",
      })
  void plainLinesComeBackAsTheyWere(String line) {
    Plan plan = Shorthand.parse(line, UnitSystem.INCH, PRACTICE);
    assertThat(Shorthand.format(plan, UnitSystem.INCH, PRACTICE)).isEqualTo(line);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "13(1075 3.2,15N20 1.5)38x150›SET 2 , Dry›cut 5~13 (1075 3.2, 15N20 1.5) 38 x 150 > set 2 dry > cut 5",
        "2 (D 1/8 in, B 1mm) 38 mm × 5 in → weld~(D 3.175, B 1) 38 x 127 > set 3",
        "(D 3) 38 x 100 > trim 5~(D 3) 38 x 100 > trim 5, 5",
        "(D 3) 38 x 100 > grind~(D 3) 38 x 100 > grind 0.3, 0.3",
        "(D 3) 38 x 100 > set 3 1180 c~(D 3) 38 x 100 > set 3",
        "(D 3) 38 x 100 > set .5%, 4 heats dry 2bites~(D 3) 38 x 100 > set 4 0.5% dry 2 bites",
        "(D 3) 38 x 100 > twist 6 turns~(D 3) 38 x 100 > twist 6, 1 heat",
        "(D 3) 38 x 100 > resquare~(D 3) 38 x 100 > resquare 45, 1 heat",
        "(D 3) 38 x 100 > restack turned with (B 1)~(D 3) 38 x 100 > restack turned, with (B 1)",
        "(D 3) 38 x 100 | want 1 of 50 mm x 3/4 in x 3 axe~(D 3) 38 x 100 | want 1 of 50 x 19.05 x 3 axe",
      })
  void readsWhatIsMeant(String typed, String written) {
    Plan plan = Shorthand.parse(typed, UnitSystem.METRIC, PRACTICE);
    assertThat(Shorthand.format(plan, UnitSystem.METRIC, PRACTICE)).isEqualTo(written);
  }

  /** The words at fault stand between the brackets. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '~',
      value = {
        "[]~starts with its stack",
        "[hello]~starts with its stack",
        "13 (1075 [thick], 15N20 1.5) 38 x 150~cannot be read",
        "13 ([1075], 15N20 1.5) 38 x 150~as steel and thickness",
        "13 (1075 3.2[) 38]~width x length",
        "13 (1075 3.2) 38 x 150 > [bend 3]~is not a step",
        "13 (1075 3.2) 38 x 150 > [] > cut 3~Write a step",
        "13 (1075 3.2) 38 x 150 > cut [five]~whole number",
        "13 (1075 3.2) 38 x 150 > [cut 1]~Enter 2 to 60",
        "13 (1075 3.2) 38 x 150 > [draw 38]~the section",
        "13 (1075 3.2) 38 x 150 > [draw 0 x 5]~Enter more than",
        "13 (1075 3.2) 38 x 150 > set 3 [muddy]~one of: borax",
        "13 (1075 3.2) 38 x 150 > set 3 [!]~After set",
        "13 (1075 3.2) 38 x 150 > restack [sideways]~same, turned",
        "[999999 (1075 3.2)] 38 x 150~at most 500",
        "13 (1075 3.2) 38 x 150 > twist 4, [loose]~After twist",
        "13 (1075 3.2) 38 x 150 > twist [many]~number",
        "13 (1075 3.2) 38 x 150 > upset [30]~percentage",
        "13 (1075 3.2) 38 x 150 > [twist 999]~Enter ",
        "13 (1075 3.2) 38 x 150 > restack (same, [under])~one of",
        "13 (1075 3.2) 38 x 150 > layup left ([@])~@ and its name",
        "13 (1075 3.2) 38 x 150 > layup left ([@Edge])~small letter",
        "13 (1075 3.2) 38 x 150 > ladder [pitch 20, width 8]~depth",
        "part edge = (1084 6) 25 x 100 > cut [x] | (1075 3) 38 x 150~whole number",
        "[part edge = (1084 6) 25 x 100]~own stack",
        "(1075 3) 38 x 150 | [(1075 3) 38 x 150]~already",
        "(1075 3) 38 x 150 | want [two knives]~2 of 240",
        "(1075 3 fill [x%]) 38 x 150~percentage",
        "(1075 3.2) [0 x 150]~Enter ",
      })
  void faultsAreShownWhereTheyAre(String marked, String message) {
    int from = marked.indexOf('[');
    int to = marked.indexOf(']') - 1;
    String line = marked.replaceAll("[\\[\\]]", "");
    assertThatThrownBy(() -> Shorthand.parse(line, UnitSystem.METRIC, PRACTICE))
        .isInstanceOfSatisfying(
            ShorthandError.class,
            bad -> {
              assertThat(bad.words().read(Units.METRIC)).contains(message);
              assertThat(line.substring(bad.from(), bad.to())).isEqualTo(line.substring(from, to));
            });
  }

  @Test
  void examplesAreInTheReadersUnits() {
    assertThatThrownBy(
            () -> Shorthand.parse("(1075 1/8) 1 1/2 x 6 > draw 2", UnitSystem.INCH, PRACTICE))
        .isInstanceOfSatisfying(
            ShorthandError.class,
            bad -> {
              assertThat(bad.words().read(Units.US))
                  .endsWith("draw 1 1/2 in x 3/8 in (width x height).");
              assertThat(bad.words().read(Units.METRIC))
                  .endsWith("draw 38.1 mm x 9.5 mm (width x height).");
            });
  }

  @Test
  void overlongLinesAreRefused() {
    assertThatThrownBy(() -> Shorthand.parse("x".repeat(20_001), UnitSystem.METRIC, PRACTICE))
        .isInstanceOf(ShorthandError.class);
  }

  @Test
  void aStepsNameAloneSuggestsOneForTheBar() {
    Bars bars = Bars.level(1, 38.2, 150, LayerSequence.band("D", 20.3), 1, false);
    assertThat(Suggestion.of("draw", bars, PRACTICE)).contains(new Draw(38, 10, 4, Tool.ROUND));
    assertThat(Suggestion.of("bend", bars, PRACTICE)).isEmpty();
    for (String word :
        new String[] {
          "set",
          "trim",
          "grind",
          "cut",
          "aside",
          "restack",
          "fold",
          "twist",
          "resquare",
          "upset",
          "roll",
          "fourway",
          "ladder",
          "dimples",
          "uneven",
          "sandwich",
          "layup",
          "blade"
        }) {
      assertThat(Suggestion.of(word, bars, PRACTICE)).as(word).isPresent();
    }
  }
}
