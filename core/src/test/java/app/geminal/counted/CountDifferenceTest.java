package app.geminal.counted;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountDifferenceTest {
  private static final ShopDefaults SHOP = ShopDefaults.common();

  /** Thirteen pieces, stacked five times the same way up: 61 layers where 65 were laid. */
  private static final String PLAN =
      "13 (D 5, B 2.5) 40 x 300 > set 3 > draw 40 x 10, 4 heats > cut 5 > restack same > set 3";

  private static Run run() {
    return Run.of(Shorthand.parse(PLAN, UnitSystem.METRIC, SHOP), TestSteels.ALL, SHOP);
  }

  private static List<Slip> explained(long count, long low, long high) {
    Run run = run();
    int stage = run.stages().size() - 1;
    return CountDifference.explained(run, stage, count, low, high, TestSteels.ALL, SHOP);
  }

  @Test
  void whatWasPlannedNeedsNoExplanation() {
    assertThat(run().last().visibleCount()).isEqualTo(61);
    assertThat(explained(61, 60, 62)).isEmpty();
  }

  /**
   * Worked by hand: without an outer piece each bar has 12 layers and no joint merges, 60; with one
   * bar fewer 4 × 13 − 3; without the restack 13; counted at the joints 5 × 13.
   */
  @ParameterizedTest
  @CsvSource({
    "60, bottom piece",
    "60, top piece",
    "49, one bar fewer",
    "73, one bar more",
    "13, was left out",
    "65, counted as two",
    "51, inside the stack",
    "60, away on one face",
    "59, away on both faces"
  })
  void eachSlipIsWorkedThrough(long count, String words) {
    assertThat(explained(count, count, count))
        .allMatch(slip -> slip.layers() == count)
        .extracting(slip -> slip.words().read(Units.METRIC))
        .anyMatch(text -> text.contains(words));
  }

  @Test
  void theNearestIsFirstAndTheRangeHoldsAll() {
    List<Slip> slips = explained(60, 57, 62);
    assertThat(slips.getFirst().layers()).isEqualTo(60);
    assertThat(slips).allMatch(slip -> slip.layers() >= 57 && slip.layers() <= 62);
  }

  @Test
  void theSameGrindingInARowIsSaidOnce() {
    List<Slip> slips = explained(59, 59, 59);
    assertThat(slips)
        .extracting(slip -> slip.words().read(Units.METRIC))
        .filteredOn(text -> text.contains("both faces"))
        .containsExactly(
            "The outer layer was ground or scaled away on both faces, "
                + "after one of the steps 4 to 5.");
  }

  @Test
  void whatNoSlipGivesIsNotExplained() {
    assertThat(explained(7000, 6990, 7010)).isEmpty();
  }
}
