package app.geminal.flaw;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import org.junit.jupiter.api.Test;

class PhotographedFaceTest {
  private static final Bars BARS =
      Run.of(
              Shorthand.parse("4 (D 5, B 5) 30 x 200", UnitSystem.METRIC, ShopDefaults.common()),
              TestSteels.ALL,
              ShopDefaults.common())
          .last()
          .bars();

  @Test
  void aLineOnTheEndIsAtTheBenchStop() {
    assertThat(PhotographedFace.END.spot(BARS, 0, 0.5, 1, 0.25, 0.5))
        .isEqualTo(new Spot(0, 0, 0, 15, 30, 5, 10));
  }

  @Test
  void aLineOnTheSideIsAtTheLeftEdge() {
    assertThat(PhotographedFace.SIDE.spot(BARS, 2, 0.1, 0.2, 0.5, 0.5))
        .isEqualTo(new Spot(2, 20, 40, 0, 0, 10, 10));
  }

  @Test
  void aLineOnTheFaceIsOnTop() {
    assertThat(PhotographedFace.TOP.spot(BARS, 0, 0.1, 0.2, 0, 0.5))
        .isEqualTo(new Spot(0, 20, 40, 0, 15, 20, 20));
    assertThat(PhotographedFace.TOP.isAcrossJoints()).isFalse();
  }
}
