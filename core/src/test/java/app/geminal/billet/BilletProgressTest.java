package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

class BilletProgressTest {
  private static final Plan PLAN =
      Shorthand.parse(
          "3 (D 2, B 2) 40 x 100 > set 3 > cut 4 > restack same > set 3",
          UnitSystem.METRIC,
          ShopDefaults.common());

  private static WeldRecord weld(String key, int second, WeldOutcome outcome) {
    return new WeldRecord(
        key, Instant.ofEpochSecond(second), 1180, AtmosphereProtection.DRY, outcome, "");
  }

  @Test
  void nothingMadeWaitsForTheFirstWeld() {
    assertThat(BilletProgress.of(PLAN, List.of()))
        .isEqualTo(
            new BilletProgress(
                0,
                2,
                java.util.Optional.of("s1"),
                java.util.Optional.empty(),
                java.util.Optional.empty()));
  }

  @Test
  void anOpenJointIsAFlawUntilItIsWeldedAgain() {
    BilletProgress open = BilletProgress.of(PLAN, List.of(weld("s1", 1, WeldOutcome.OPEN)));
    assertThat(open.flaw()).contains("s1");
    assertThat(open.flawKind()).contains(WeldOutcome.OPEN);
    assertThat(open.weldsMade()).isZero();
    BilletProgress again =
        BilletProgress.of(
            PLAN, List.of(weld("s1", 2, WeldOutcome.HELD), weld("s1", 1, WeldOutcome.OPEN)));
    assertThat(again.flaw()).isEmpty();
    assertThat(again.weldsMade()).isEqualTo(1);
    assertThat(again.nextWeld()).contains("s4");
  }

  @Test
  void aSuspectWeldIsMadeButNamed() {
    BilletProgress progress =
        BilletProgress.of(
            PLAN, List.of(weld("s1", 1, WeldOutcome.HELD), weld("s4", 2, WeldOutcome.SUSPECT)));
    assertThat(progress.weldsMade()).isEqualTo(2);
    assertThat(progress.nextWeld()).isEmpty();
    assertThat(progress.flaw()).contains("s4");
    assertThat(progress.flawKind()).contains(WeldOutcome.SUSPECT);
  }

  @Test
  void weldsOfStepsThatAreGoneDoNotCount() {
    assertThat(BilletProgress.of(PLAN, List.of(weld("s99", 1, WeldOutcome.OPEN))).flaw()).isEmpty();
  }
}
