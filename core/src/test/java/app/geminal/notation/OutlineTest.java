package app.geminal.notation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.layup.Stack;
import app.geminal.operation.Restack;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.validation.InvalidValue;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class OutlineTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();
  private static final Stack STACK =
      Shorthand.parse("13 (D 3.2, B 1.5) 38 x 150", UnitSystem.METRIC, PRACTICE).stack();

  private static Plan outline(Outline.Round... rounds) {
    return Outline.of(STACK, List.of(rounds), TestSteels.ALL, PRACTICE);
  }

  @Test
  void withoutRestacksItIsTheFirstWeld() {
    assertThat(outline().steps()).hasSize(1);
  }

  @Test
  void twoRestacksRunThroughAndComeOutAsHighAsTheyBegan() {
    Plan plan =
        outline(new Outline.Round(4, Restack.ALL_SAME), new Outline.Round(3, Restack.EVERY_SECOND));
    Run run = Run.of(plan, TestSteels.ALL, PRACTICE);
    assertThat(run.stop()).isEmpty();
    assertThat(run.last().bars().shopCount()).isEqualTo(13 * 4 * 3);
    assertThat(run.last().bars().heightMm())
        .isCloseTo(STACK.heightMm(), within(STACK.heightMm() * 0.2));
  }

  @Test
  void moreThanSixRestacksAreRefused() {
    assertThatThrownBy(() ->
            Outline.of(
                STACK,
                Collections.nCopies(7, new Outline.Round(2, Restack.ALL_SAME)),
                TestSteels.ALL,
                PRACTICE))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Outline.Round(1, Restack.ALL_SAME))
        .isInstanceOf(InvalidValue.class);
  }
}
