package app.geminal.sizing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.WantedPieces;
import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class BackwardsTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();

  private static Plan plan(String line) {
    return Shorthand.parse(line, UnitSystem.METRIC, PRACTICE);
  }

  private static Finish finish(Plan plan) {
    return Finish.of(Run.of(plan, TestSteels.ALL, PRACTICE), PRACTICE);
  }

  private static Backwards.Answer answer(Plan plan) {
    return Backwards.smallest(plan, TestSteels.ALL, PRACTICE);
  }

  /** Two blades and a coupon one after the other, two kerfs between, half a millimetre a face. */
  @Test
  void piecesLieInLineWithKerfsBetween() {
    Plan plan = plan("(D 6) 40 x 500 | want 2 of 240 x 38 x 5 blade, 1 of 60 x 38 x 5 coupon");
    Finish finish = finish(plan);
    assertThat(finish.lengthShortMm()).isCloseTo(540 + 3.2 - 500, within(1e-9));
    assertThat(finish.widthShortMm()).isCloseTo(-1, within(1e-9));
    assertThat(finish.heightShortMm()).isCloseTo(0, within(1e-9));
    Backwards.Sized sized = (Backwards.Sized) answer(plan);
    assertThat(sized.plan().stack().lengthMm()).isCloseTo(543.2, within(0.11));
  }

  @ParameterizedTest
  @CsvSource({"1, 460", "2, 240", "3, 180", "4, 160"})
  void piecesAreSharedOutOverEqualBars(int bars, double longest) {
    List<WantedPieces> wanted =
        List.of(
            new WantedPieces("long", 1, 120, 10, 5),
            new WantedPieces("middle", 3, 80, 10, 5),
            new WantedPieces("short", 1, 100, 10, 5));
    assertThat(Finish.neededLengthMm(wanted, bars, 0)).isEqualTo(longest);
  }

  @Test
  void aBarTooNarrowIsMadeFromAWiderStack() {
    Plan plan = plan("(D 6) 30 x 200 | want 1 of 100 x 38 x 5 blade");
    Backwards.Sized sized = (Backwards.Sized) answer(plan);
    assertThat(sized.plan().stack().widthMm()).isCloseTo(39, within(0.11));
    assertThat(sized.plan().stack().lengthMm()).isCloseTo(100, within(0.11));
  }

  @Test
  void whatNoStackCanGiveIsSaidWithWhatIsMissing() {
    Plan low =
        plan("2 (D 6, B 6) 40 x 200 > set 3 > draw 40 x 4, 2 heats | want 1 of 100 x 38 x 5 blade");
    Backwards.Lacking lacking = (Backwards.Lacking) answer(low);
    assertThat(lacking.missing().heightShortMm()).isCloseTo(2, within(1e-6));
    Plan far = plan("(D 6) 40 x 200 > trim 100 | want 90 of 100 x 38 x 5 blade");
    assertThat(((Backwards.Lacking) answer(far)).missing().lengthShortMm()).isPositive();
  }

  @Test
  void partsAreSizedWithTheBarTheyAreLaidTo() {
    Plan plan =
        plan(
            "part edge = (M 12) 14 x 90 > draw 12 x 10, 1 heat | 2 (D 6, B 6) 30 x 90 > set 3"
                + " > draw 30 x 10, 2 heats > layup left (@edge) > set 3 > trim 10"
                + " | want 1 of 240 x 38 x 7 blade");
    Backwards.Sized sized = (Backwards.Sized) answer(plan);
    assertThat(finish(sized.plan()).isEnough()).isTrue();
    Plan shorterPart =
        sized
            .plan()
            .withParts(
                List.of(
                    sized
                        .plan()
                        .parts()
                        .getFirst()
                        .withPlan(shortened(sized.plan().parts().getFirst().plan(), 1))));
    assertThat(finish(shorterPart).isEnough()).isFalse();
    assertThat(finish(shortened(sized.plan(), 1)).isEnough()).isFalse();
  }

  private static Plan shortened(Plan plan, double mm) {
    return plan.withStack(
        plan.stack().withFace(plan.stack().widthMm(), plan.stack().lengthMm() - mm));
  }

  static LongStream seeds() {
    return LongStream.range(0, 1000);
  }

  /**
   * What comes out of a random plan is asked for: its own length does, a millimetre less does not.
   */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void oneMillimetreLessIsTooShort(long seed) {
    Plan plan = RandomPlans.sizeable(seed);
    Run run = Run.of(plan, TestSteels.ALL, PRACTICE);
    assertThat(run.stop()).isEmpty();
    SplittableRandom random = new SplittableRandom(seed);
    double part = 0.3 + 1.2 * random.nextDouble();
    Plan asked =
        plan.withWanted(
            List.of(
                new WantedPieces(
                    "blade",
                    1,
                    Math.min(2500, Math.max(5, run.last().bars().lengthMm() * part)),
                    Math.max(1, run.last().bars().widthMm() - 2),
                    Math.max(1, run.last().bars().heightMm() - 2))));
    Backwards.Answer answer = answer(asked);
    assertThat(answer).isInstanceOf(Backwards.Sized.class);
    Plan sized = ((Backwards.Sized) answer).plan();
    assertThat(finish(sized).isEnough()).isTrue();
    double tenths = sized.stack().lengthMm() * 10;
    assertThat(tenths).as("to a tenth of a millimetre").isCloseTo(Math.rint(tenths), within(1e-6));
    if (sized.stack().lengthMm() > 2) {
      assertThat(finish(shortened(sized, 1)).isEnough()).isFalse();
    }
  }
}
