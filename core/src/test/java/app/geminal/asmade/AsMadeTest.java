package app.geminal.asmade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Twist;
import app.geminal.pattern.View;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import org.junit.jupiter.api.Test;

class AsMadeTest {
  private static final ShopDefaults SHOP = ShopDefaults.common();
  private static final String TWISTED =
      "13 (D 5, B 2.5) 40 x 300 > set 3 > draw 24 x 24, 4 heats > twist 6 turns > draw 30 x 16";
  private static final View GROUND = new View.Face(false, 4);

  private static AsMade asMade(String plan) {
    Run run = Run.of(Shorthand.parse(plan, UnitSystem.METRIC, SHOP), TestSteels.ALL, SHOP);
    return AsMade.of(run, run.stages().size() - 1, GROUND, 0, TestSteels.ALL, SHOP);
  }

  @Test
  void aTwistedBarShowsItsTurnsAndHowMuchWasGround() {
    AsMade twisted = asMade(TWISTED);
    assertThat(twisted.figures()).hasSize(2);
    assertThat(twisted.figures().getFirst())
        .isInstanceOfSatisfying(
            PatternFigure.OfStep.class,
            of -> {
              assertThat(of.stage()).isEqualTo(3);
              assertThat(of.field().name()).isEqualTo("turns");
              assertThat(of.planned()).isEqualTo(6);
              assertThat(of.low()).isCloseTo(3.6, within(1e-9));
              assertThat(of.high()).isCloseTo(9.6, within(1e-9));
            });
    // 15 in 100 of 16 mm either way.
    PatternFigure ground = twisted.figures().getLast();
    assertThat(ground).isInstanceOf(PatternFigure.Ground.class);
    assertThat(ground.low()).isCloseTo(1.6, within(1e-9));
    assertThat(ground.high()).isCloseTo(6.4, within(1e-9));
  }

  @Test
  void flatLayersShowNothingToSearchFor() {
    assertThat(asMade("13 (D 5, B 2.5) 40 x 300 > set 3").figures()).isEmpty();
  }

  @Test
  void thePlanWithOtherFiguresIsThatPlan() {
    AsMade twisted = asMade(TWISTED);
    assertThat(twisted.plan(5.6, 3).steps().get(2).operation())
        .isEqualTo(new Twist(5.6, 1, Twist.Hand.RIGHT, true, 1));
    assertThat(twisted.plan(twisted.planned())).isEqualTo(asMade(TWISTED).plan(6, 4));
  }

  @Test
  void otherTurnsLookOtherwise() {
    AsMade twisted = asMade(TWISTED);
    float[] planned = twisted.light(120, 12, () -> false, twisted.planned()).orElseThrow();
    assertThat(twisted.light(120, 12, () -> false, 6, 4)).hasValue(planned);
    assertThat(twisted.light(120, 12, () -> false, 5, 4).orElseThrow()).isNotEqualTo(planned);
    assertThat(twisted.light(120, 12, () -> false, 6, 1.6).orElseThrow()).isNotEqualTo(planned);
  }

  @Test
  void aViewThatIsNotWantedAnyMoreIsLeft() {
    AsMade twisted = asMade(TWISTED);
    assertThat(twisted.light(120, 12, () -> true, twisted.planned())).isEmpty();
  }

  @Test
  void aBarThatCannotBeWorkedSoHasNoLight() {
    AsMade grooved =
        asMade("13 (D 5, B 2.5) 40 x 300 > set 3 > ladder pitch 12, width 8, depth 8, to 24");
    assertThat(grooved.figures()).hasSize(3);
    double most = grooved.figures().get(1).high();
    assertThat(grooved.light(60, 10, () -> false, 12, 4, 4)).isPresent();
    assertThat(grooved.light(60, 10, () -> false, 12, 10 * most, 4)).isEmpty();
  }
}
