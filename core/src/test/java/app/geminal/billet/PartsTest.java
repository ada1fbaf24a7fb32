package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Fit;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.validation.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Bars made in Runs of their own and laid into another. */
class PartsTest {
  private static final String EDGE = "part edge = (M 10) 12 x 100 | ";

  private static Plan plan(String line) {
    return Shorthand.parse(line, UnitSystem.METRIC, ShopDefaults.common());
  }

  private static Run run(String line) {
    return Run.of(plan(line), TestSteels.ALL, ShopDefaults.common());
  }

  @Test
  void aPartIsLaidBesideTheBarAndItsSteelComesWithIt() {
    Run run = run(EDGE + "4 (D 3, B 2) 30 x 100 > layup left (@edge)");
    assertThat(run.stop()).isEmpty();
    assertThat(run.last().bars().widthMm()).isEqualTo(42);
    assertThat(run.last().joined().mm3BySteel().get("M")).isCloseTo(12000, within(1e-9));
    assertThat(run.last().bars().amount().mm3BySteel().get("M")).isCloseTo(12000, within(1e-9));
    assertThat(run.startedWith().volumeMm3()).isCloseTo(12000 + 30000, within(1e-6));
    assertThat(run.last().fits())
        .contains(new Fit("edge", Fit.Measured.HEIGHT, 10, 10))
        .contains(new Fit("edge", Fit.Measured.LENGTH, 100, 100));
  }

  @Test
  void aHigherBarIsGroundDownAndAShimSavesIt() {
    Run ground = run(EDGE + "4 (D 3, B 2.5) 30 x 100 > layup left (@edge)");
    assertThat(ground.last().bars().heightMm()).isCloseTo(10, within(1e-9));
    Run shimmed = run(EDGE + "4 (D 3, B 2.5) 30 x 100 > layup left (@edge shim (M 1))");
    assertThat(shimmed.last().bars().heightMm()).isCloseTo(11, within(1e-9));
    assertThat(shimmed.last().fits().getFirst().apartMm()).isZero();
    Run own =
        run(
            "part edge = (M 12) 12 x 100 | 4 (D 3, B 2.5) 30 x 100 > layup left (@edge), shim (B 1)");
    assertThat(own.last().bars().heightMm()).isCloseTo(12, within(1e-9));
    assertThat(own.last().fits().getFirst().apartMm()).isZero();
  }

  @Test
  void noBarIsUsedTwice() {
    Run twice = run(EDGE + "4 (D 3, B 2) 30 x 100 > layup left (@edge), right (@edge)");
    assertThat(twice.stop().orElseThrow().why().reason().marked())
        .contains("2 bars of “edge”", "1 is left");
    Run again = run(EDGE + "4 (D 3, B 2) 30 x 100 > layup left (@edge) > sandwich (@edge)");
    assertThat(again.stop().orElseThrow().step()).isEqualTo(1);
    Run cut =
        run(
            "part edge = (M 10) 12 x 210 > cut 2, kerf 10 | 4 (D 3, B 2) 30 x 100 > layup left (@edge), right (@edge)");
    assertThat(cut.stop()).isEmpty();
    assertThat(cut.unused().get("edge").count()).isZero();
  }

  @Test
  void whatIsNotUsedIsLeftOver() {
    Run run =
        run("part edge = (M 10) 12 x 210 > cut 2, kerf 10 | (D 10) 30 x 100 > layup left (@edge)");
    assertThat(run.leftOver().volumeMm3()).isCloseTo(12000, within(1e-6));
    assertThat(run.yieldFraction()).isCloseTo((42000 + 12000) / (30000 + 25200.0), within(1e-9));
  }

  @Test
  void aPartThatStopsCannotBeLaid() {
    Run run = run("part edge = (M 10) 12 x 100 > trim 60 | (D 10) 30 x 100 > layup left (@edge)");
    assertThat(run.parts().get("edge").stop()).isPresent();
    assertThat(run.stop().orElseThrow().why().reason().marked()).contains("its own Run stops");
    assertThat(run.leftOver().volumeMm3()).isCloseTo(12000, within(1e-6));
  }

  @Test
  void aStepLeftOutChangesNothing() {
    Run run = run("4 (D 3, B 2) 30 x 100 > off cut 3 > trim 10");
    assertThat(run.stages().get(1).isOff()).isTrue();
    assertThat(run.last().bars().count()).isEqualTo(1);
    assertThat(run.last().bars().lengthMm()).isEqualTo(80);
  }

  @Test
  void piecesOfTheirOwnSizeAreCutToTheSmallestAndTheRestIsLost() {
    Run run = run("(D 3, B 2 x 42 x 105, D 3) 40 x 100");
    assertThat(run.last().bars().widthMm()).isEqualTo(40);
    assertThat(run.last().losses().getFirst().amount().volumeMm3())
        .isCloseTo(2 * (42 * 105 - 4000), within(1e-9));
  }

  @Test
  void nothingIsForgedFromABladeOrARoundOrNothing() {
    assertThat(
            run("(D 10) 30 x 100 > blade 90 x 25 x 4 > cut 2")
                .stop()
                .orElseThrow()
                .why()
                .remedy()
                .marked())
        .contains("before");
    assertThat(
            run("(D 2) 30 x 300 > roll round > grind 1")
                .stop()
                .orElseThrow()
                .why()
                .reason()
                .marked())
        .contains("round");
    assertThat(
            run("(D 2) 30 x 300 > cut 2 > aside 2 > set 3")
                .stop()
                .orElseThrow()
                .why()
                .reason()
                .marked())
        .contains("set aside");
  }

  @Test
  void unknownSteelsInPartsAreNamedWithTheirPlace() {
    assertThatThrownBy(() -> run("part edge = (nope 3) 30 x 100 | (D 3) 30 x 100"))
        .isInstanceOfSatisfying(
            InvalidValue.class,
            bad -> assertThat(bad.path()).isEqualTo("parts/0/plan/stack/pieces/0/steel"));
    assertThatThrownBy(() -> run(EDGE + "(D 3) 30 x 100 > layup left (@edge shim (nope 1))"))
        .isInstanceOfSatisfying(
            InvalidValue.class,
            bad -> assertThat(bad.path()).isEqualTo("steps/0/operation/left/0/shims/0/steel"));
  }

  @Test
  void partsHaveDifferentNamesAndDoNotGoTooDeep() {
    Plan bare = plan("(D 3) 30 x 100");
    Part one = Part.of("edge", bare);
    assertThatThrownBy(() -> bare.withParts(List.of(one, one)))
        .isInstanceOfSatisfying(
            InvalidValue.class, bad -> assertThat(bad.path()).isEqualTo("parts/1/name"));
    Plan deep = bare;
    for (int i = 0; i < 4; i++) {
      deep = deep.withParts(List.of(Part.of("edge", bare.withParts(deep.parts()))));
    }
    Plan deepest = deep;
    assertThatThrownBy(() -> bare.withParts(List.of(Part.of("edge", deepest))))
        .isInstanceOf(InvalidValue.class);
    assertThat(deepest.at("edge/edge")).isPresent();
    assertThat(deepest.at("edge/core")).isEmpty();
  }

  @Test
  void retypingTheLineKeepsKeysAndOriginsOfParts() {
    Plan made = plan(EDGE + "(D 3) 30 x 100 > set 3");
    Part picked = new Part("edge", made.parts().getFirst().plan(), new Origin(7, "Other", "s4"));
    Plan before = made.withParts(List.of(picked));
    assertThat(plan(EDGE + "(D 3) 30 x 100 > set 3 > trim 5").withKeysOf(before).parts())
        .containsExactly(picked);
    assertThat(
            plan("part edge = (M 9) 12 x 100 | (D 3) 30 x 100 > set 3")
                .withKeysOf(before)
                .parts()
                .getFirst()
                .origin())
        .as("made another way it is not that bar any more")
        .isNull();
  }

  @Test
  void theHistoryOfBarsSetAsideEndsWithThoseBars() {
    Run run =
        run(
            "part a = (M 5) 30 x 100 > aside length 40, kerf 2 | 2 (D 3, B 2) 30 x 200 > cut 5 > aside 2 > restack same");
    List<LeavingBars> leaving = LeavingBars.of(run);
    assertThat(leaving).extracting(LeavingBars::stepKey).containsExactly("a/s1", "s2");
    Run length = Run.of(leaving.get(0).history(1), TestSteels.ALL, ShopDefaults.common());
    assertThat(length.last().bars().lengthMm()).isCloseTo(40, within(1e-9));
    Run one = Run.of(leaving.get(1).history(1), TestSteels.ALL, ShopDefaults.common());
    assertThat(one.last().bars().count()).isEqualTo(1);
    assertThat(one.last().bars().lengthMm()).isEqualTo(leaving.get(1).bars().lengthMm());
    assertThat(one.setAside().volumeMm3())
        .isCloseTo(4 * one.last().bars().amount().volumeMm3(), within(1e-6));
    assertThatThrownBy(() -> leaving.get(1).history(3)).isInstanceOf(InvalidValue.class);
  }

  @Test
  void aPickedBarComesAsItIsAndItsHistoryIsNoneOfThisLedger() {
    Run giver = run("2 (D 3, B 2) 30 x 200 > cut 5 > aside 2 > restack same");
    Part picked =
        new Part("bar", LeavingBars.of(giver).getFirst().history(1), new Origin(3, "Giver", "s2"));
    Plan taker = plan("(D 3) 30 x 38.72 > sandwich above (M 1)").withParts(List.of(picked));
    Run run = Run.of(taker, TestSteels.ALL, ShopDefaults.common());
    double bar = run.parts().get("bar").last().bars().amount().volumeMm3();
    assertThat(run.startedWith().volumeMm3()).isCloseTo(4 * 30 * 38.72 + bar, within(1e-6));
    assertThat(run.leftOver().volumeMm3()).isCloseTo(bar, within(1e-6));
    assertThat(run.setAside().volumeMm3()).isZero();
    assertThat(LeavingBars.of(run)).isEmpty();
  }

  @Test
  void weldsOfPartsComeFirst() {
    Plan plan =
        plan(
            "part edge = 2 (D 3) 12 x 100 > set 3 | 2 (D 3) 30 x 100 > set 3 > layup left (@edge) > set 4");
    assertThat(plan.setWelds())
        .extracting(Plan.Placed::path)
        .containsExactly("edge/s1", "s1", "s3");
    assertThat(BilletProgress.of(plan, List.of()).nextWeld()).contains("edge/s1");
  }
}
