package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What was started with is what is left plus every loss, for any plan and every steel of it. */
class ConservationTest {

  static java.util.stream.LongStream seeds() {
    return RandomPlans.seeds();
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void volumeIsConserved(long seed) {
    Run run = run(seed);
    double started = run.startedWith().volumeMm3();
    double lost =
        Arrays.stream(LossKind.values()).mapToDouble(k -> run.lostTo(k).volumeMm3()).sum();
    double left = run.last().bars().amount().plus(run.setAside()).plus(run.leftOver()).volumeMm3();
    assertThat((left + lost) / started).isCloseTo(1, within(1e-9));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everySteelIsConserved(long seed) {
    Run run = run(seed);
    Amount accounted =
        Arrays.stream(LossKind.values())
            .map(run::lostTo)
            .reduce(
                run.last().bars().amount().plus(run.setAside()).plus(run.leftOver()), Amount::plus);
    run.startedWith()
        .mm3BySteel()
        .forEach((steel, mm3) ->
            assertThat(accounted.mm3BySteel().get(steel) / mm3)
                .as(steel)
                .isCloseTo(1, within(1e-9)));
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void nothingIsGainedByLosing(long seed) {
    for (Stage stage : run(seed).stages()) {
      assertThat(stage.bars().lengthMm()).isPositive();
      assertThat(stage.bars().heightMm()).isPositive();
      for (Loss loss : stage.losses()) {
        if (loss.kind() == LossKind.MEASURED) {
          continue; // A measured bar may well hold more than was calculated.
        }
        loss.amount().mm3BySteel().values().forEach(v -> assertThat(v).isGreaterThan(-1e-6));
      }
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void visibleNeverExceedsShop(long seed) {
    for (Stage stage : run(seed).stages()) {
      assertThat(stage.visibleCount()).isBetween(1L, stage.bars().shopCount());
      stage
          .bars()
          .layers()
          .layers(20_000)
          .ifPresent(layers -> assertThat(layers).hasSize((int) stage.visibleCount()));
    }
  }

  @Test
  void theSeedsReachTheEndOftenEnoughToMeanSomething() {
    long whole = RandomPlans.seeds().filter(s -> run(s).stop().isEmpty()).count();
    assertThat(whole).isGreaterThan(40);
  }

  private static Run run(long seed) {
    return Run.of(RandomPlans.plan(seed), TestSteels.ALL, ShopDefaults.common());
  }
}
