package app.geminal.calibration;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.measurement.Measurement;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Grind;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MeasuredLossTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();

  /** A billet drawn, trimmed, ground and sawn, measured after every step with these losses. */
  private static Run run(double scaleFactor, double trimMm, double grindMm, double kerfMm) {
    Stack stack = new Stack(List.of(new Piece("D", 12), new Piece("B", 12)), 40, 200);
    Plan plan =
        Plan.of(
            stack,
            List.of(
                SetWeld.of(PRACTICE),
                new Draw(40, 14, 3, Tool.FLAT),
                new Trim(15, 15, 0),
                new Grind(0.3, 0.3),
                Cut.equal(4, 1.6)));
    List<Step> steps = new ArrayList<>(plan.steps());
    double length = 180;
    double height = 22;
    steps.set(0, steps.get(0).withMeasured(Measurement.sizes(41, height, length)));
    Run set = Run.of(plan.withSteps(steps), TestSteels.ALL, PRACTICE);
    double there = set.stages().get(1).bars().amount().volumeMm3();
    double burnt = there - set.stages().get(2).bars().amount().volumeMm3();
    length = (there - scaleFactor * burnt) / (40 * 14);
    steps.set(1, steps.get(1).withMeasured(Measurement.sizes(40, 14, length)));
    length -= 2 * trimMm;
    steps.set(2, steps.get(2).withMeasured(Measurement.sizes(40, 14, length)));
    steps.set(3, steps.get(3).withMeasured(Measurement.sizes(40, 14 - 2 * grindMm, length)));
    length = (length - 3 * kerfMm) / 4;
    steps.set(4, steps.get(4).withMeasured(Measurement.sizes(40, 14 - 2 * grindMm, length)));
    return Run.of(plan.withSteps(steps), TestSteels.ALL, PRACTICE);
  }

  private static MeasuredLoss of(List<Run> runs, MeasuredLossKind loss) {
    return MeasuredLoss.of(runs, PRACTICE).stream()
        .filter(l -> l.loss() == loss)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void everyLossIsSeenWhereItHappens() {
    List<Run> runs = List.of(run(1.7, 12, 0.45, 2.1));
    assertThat(of(runs, MeasuredLossKind.SCALE).mean()).isCloseTo(1.7, within(1e-9));
    assertThat(of(runs, MeasuredLossKind.TRIM).mean()).isCloseTo(12, within(1e-9));
    assertThat(of(runs, MeasuredLossKind.GRIND).mean()).isCloseTo(0.45, within(1e-9));
    assertThat(of(runs, MeasuredLossKind.KERF).mean()).isCloseTo(2.1, within(1e-9));
    assertThat(of(runs, MeasuredLossKind.KERF).isTooFew()).isTrue();
    assertThat(of(runs, MeasuredLossKind.KERF).differsFrom(1.6))
        .as("one bar tells nothing")
        .isFalse();
  }

  @Test
  void severalBarsGiveAMeanWithItsSpread() {
    Random random = new Random(5);
    List<Run> runs = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      runs.add(run(1, 15, 0.3, 2.2 + 0.2 * random.nextGaussian()));
    }
    MeasuredLoss kerf = of(runs, MeasuredLossKind.KERF);
    assertThat(kerf.seen()).hasSize(12);
    assertThat(kerf.mean()).isCloseTo(2.2, within(0.15));
    assertThat(kerf.spread()).isCloseTo(0.2, within(0.1));
    assertThat(kerf.differsFrom(1.6)).isTrue();
    assertThat(kerf.differsFrom(kerf.mean())).isFalse();
    assertThat(of(runs, MeasuredLossKind.SCALE).differsFrom(1)).isFalse();
  }

  @Test
  void whatWasNotMeasuredTeachesNothing() {
    Stack stack = new Stack(List.of(new Piece("D", 12), new Piece("B", 12)), 40, 200);
    Run run =
        Run.of(
            Plan.of(stack, List.of(SetWeld.of(PRACTICE), Cut.equal(3, 2))),
            TestSteels.ALL,
            PRACTICE);
    assertThat(MeasuredLoss.of(List.of(run), PRACTICE)).allMatch(l -> l.seen().isEmpty());
    assertThat(MeasuredLoss.of(List.of(), PRACTICE)).hasSize(4);
  }
}
