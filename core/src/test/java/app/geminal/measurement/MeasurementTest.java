package app.geminal.measurement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Blade;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.validation.InvalidValue;
import java.util.List;
import org.junit.jupiter.api.Test;

class MeasurementTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();
  private static final Stack STACK =
      new Stack(List.of(new Piece("D", 10), new Piece("B", 10), new Piece("D", 10)), 40, 150);
  private static final List<Operation> STEPS =
      List.of(SetWeld.of(PRACTICE), new Draw(40, 15, 3, Tool.FLAT), Cut.equal(4, 2));

  private static Run run(int step, Measurement measured) {
    Plan plan = Plan.of(STACK, STEPS);
    List<app.geminal.billet.Step> steps = new java.util.ArrayList<>(plan.steps());
    steps.set(step, steps.get(step).withMeasured(measured));
    return Run.of(plan.withSteps(steps), TestSteels.ALL, PRACTICE);
  }

  private static Bars bar(double width, double height, double length) {
    return Bars.level(1, width, length, LayerSequence.band("D", height), 1, false);
  }

  @Test
  void theRunContinuesFromWhatWasMeasured() {
    Run run = run(1, Measurement.sizes(41, 15.4, 250));
    Stage drawn = run.stages().get(2);
    assertThat(drawn.bars().widthMm()).isEqualTo(41);
    assertThat(drawn.bars().heightMm()).isCloseTo(15.4, within(1e-9));
    assertThat(drawn.calculated().widthMm()).isEqualTo(40);
    assertThat(drawn.visibleCount()).isEqualTo(3);
    assertThat(run.last().bars().lengthMm()).isCloseTo((250 - 6) / 4.0, within(1e-9));
  }

  @Test
  void whatIsMissingIsALossOfItsOwn() {
    Run run = run(1, Measurement.sizes(40, 15, 200));
    Stage drawn = run.stages().get(2);
    double calculated = drawn.calculated().amount().volumeMm3();
    assertThat(run.lostTo(LossKind.MEASURED).volumeMm3())
        .isCloseTo(calculated - 40 * 15 * 200, within(1e-6));
  }

  @Test
  void aMassAloneGivesTheLength() {
    Bars whole = Measurement.sizes(40, 15, 100).of(bar(40, 15, 100), TestSteels.ALL);
    double kg = whole.amount().massKg(TestSteels.ALL);
    Bars weighed = new Measurement(null, null, null, kg / 2).of(bar(40, 15, 100), TestSteels.ALL);
    assertThat(weighed.lengthMm()).isCloseTo(50, within(1e-9));
    assertThat(weighed.widthMm()).isEqualTo(40);
    Bars both = new Measurement(null, null, 80.0, kg / 2).of(bar(40, 15, 100), TestSteels.ALL);
    assertThat(both.lengthMm()).as("a ruler counts before the scales").isEqualTo(80);
  }

  @Test
  void aGroundBladeIsNotMeasured() {
    Plan plan = Plan.of(STACK, List.of(new Blade(Blade.Profile.DROP, 90, 30, 5, 1, 20, 0, 20)));
    Plan measured =
        plan.withSteps(
            List.of(plan.steps().getFirst().withMeasured(new Measurement(30.0, null, null, null))));
    assertThat(Run.of(measured, TestSteels.ALL, PRACTICE).stop()).isPresent();
  }

  @Test
  void nothingAtAllAndNonsenseAreRefused() {
    assertThatThrownBy(() -> new Measurement(null, null, null, null))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Measurement(-1.0, null, null, null))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Measurement(null, null, 20_001.0, null))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> new Measurement(null, null, null, 0.0))
        .isInstanceOf(InvalidValue.class);
  }

  @Test
  void aDifferenceIsSaidAsEveryLossItCouldBe() {
    MeasurementDifference d = MeasurementDifference.of(bar(40, 15, 200), bar(40, 15, 190));
    assertThat(d.missingMm3()).isCloseTo(40 * 15 * 10, within(1e-6));
    assertThat(d.missingShare()).isCloseTo(0.05, within(1e-9));
    assertThat(d.trimMm()).isCloseTo(10, within(1e-9));
    assertThat(d.faceMm()).isCloseTo(6000 / (2 * 40 * 190.0), within(1e-9));
    assertThat(d.scaleMm()).isCloseTo(6000 / (2 * (40 * 190 + 190 * 15 + 40 * 15.0)), within(1e-9));
    assertThat(d.words(bar(40, 15, 200), bar(40, 15, 190), 0.1).getFirst().marked())
        .contains("5.0 %", "calculated: [[mm 0.1]]");
  }

  @Test
  void spreadAndMoreSteelAreCalledThat() {
    Bars planned = bar(40, 15, 200);
    MeasurementDifference spread = MeasurementDifference.of(planned, bar(42, 15, 190.5));
    assertThat(spread.isSignificant()).isFalse();
    assertThat(spread.words(planned, bar(42, 15, 190.5), 0).getLast().marked())
        .contains("It spread: [[mm 2]] wider and [[mm 9.5]] shorter");
    MeasurementDifference ran = MeasurementDifference.of(planned, bar(38, 15, 210.5));
    assertThat(ran.words(planned, bar(38, 15, 210.5), 0).getLast().marked())
        .contains("into length");
    MeasurementDifference more = MeasurementDifference.of(planned, bar(40, 15, 210));
    assertThat(more.words(planned, bar(40, 15, 210), 0)).first().asString().contains("more steel");
    assertThat(more.scaleMm()).isZero();
  }

  @Test
  void aBarIsReportedWhatItGivesAtTheSaw() {
    assertThat(PieceYield.words(bar(40, 15, 568), 2, 100).marked())
        .isEqualTo(
            "It gives 2 pieces of [[mm 283]], 3 of [[mm 188]], 4 of [[mm 140.5]], and 5 of [[mm 112]]; 6 of [[mm 93]] are shorter than the [[mm 100]] you can hold.");
    assertThat(PieceYield.words(bar(40, 15, 50), 2, 60).marked()).startsWith("Too short to cut");
    assertThat(PieceYield.words(bar(40, 15, 5000), 2, 60).marked()).endsWith("or more.");
  }

  @Test
  void theScalesSpeakToo() {
    assertThat(MeasurementDifference.scales(1.0, 1.005).marked()).contains("agree");
    assertThat(MeasurementDifference.scales(0.95, 1).marked()).contains("5.0 % less");
    assertThat(MeasurementDifference.scales(1.05, 1).marked()).contains("5.0 % more");
  }
}
