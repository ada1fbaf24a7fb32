package app.geminal.steel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.steel.OwnSteel.Given;
import app.geminal.steel.OwnSteel.Origin;
import app.geminal.steel.StockTest.Kind;
import app.geminal.validation.InvalidValue;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** A whole steel from what is known of it. */
class EstimateTest {
  private static final Composition PLAIN = Composition.of(0.84, 0.75, 0.2, 0, 0);

  private static OwnSteel own(
      Origin origin, Optional<String> like, Composition c, Given given, StockTest... tests) {
    return new OwnSteel("mine", "Mine", origin, like, c, List.of(tests), given);
  }

  private static StockTest test(Kind kind, double value) {
    return new StockTest(kind, "seen", OptionalDouble.of(value));
  }

  @Test
  void aBareCompositionIsFilledInAndSaysHow() {
    Steel steel =
        Estimate.of(
            own(Origin.COMPOSITION, Optional.empty(), PLAIN, Given.nothing()), TestSteels.ALL);
    assertThat(steel.solidusC()).isCloseTo(1363, within(1.0));
    assertThat(steel.solidus().basis()).isEqualTo(Basis.COMPUTED);
    assertThat(steel.weldWindow()).contains(new WeldWindow(1105, 1265));
    assertThat(steel.hardening().orElseThrow().fromC()).isCloseTo(800, within(5.0));
    assertThat(steel.hardening().orElseThrow().bladeQuench()).isEqualTo(Quench.FAST_OIL);
    assertThat(steel.etchTone().value()).isCloseTo(0.14, within(0.01));
    assertThat(steel.density().basis()).isEqualTo(Basis.TYPICAL);
    assertThat(steel.confidence()).isEqualTo(Confidence.MEDIUM);
  }

  @Test
  void whatIsGivenCountsAsMeasured() {
    OptionalDouble no = OptionalDouble.empty();
    Given given =
        new Given(
            OptionalDouble.of(1350),
            no,
            OptionalDouble.of(1204.4444),
            no,
            no,
            Optional.of(Quench.WATER),
            OptionalDouble.of(0.3));
    Steel steel =
        Estimate.of(own(Origin.COMPOSITION, Optional.empty(), PLAIN, given), TestSteels.ALL);
    assertThat(steel.solidus()).isEqualTo(Figure.measured(1350, 10, "given"));
    assertThat(steel.weldWindow().orElseThrow().toC()).isEqualTo(1204.4444);
    assertThat(steel.hardening().orElseThrow().quench()).isEqualTo(Quench.WATER);
    assertThat(steel.etchTone().basis()).isEqualTo(Basis.MEASURED);
  }

  @Test
  void testsOnReclaimedStockRaiseTheConfidenceToMediumAndNoFurther() {
    Optional<String> like = Optional.of("D");
    assertThat(own(Origin.RECLAIMED, like, PLAIN, Given.nothing()).confidence())
        .isEqualTo(Confidence.LOW);
    assertThat(
            own(Origin.RECLAIMED, like, PLAIN, Given.nothing(), test(Kind.SPARK, 0.7)).confidence())
        .isEqualTo(Confidence.LOW);
    OwnSteel tested =
        own(
            Origin.RECLAIMED,
            like,
            PLAIN,
            Given.nothing(),
            test(Kind.SPARK, 0.7),
            test(Kind.FILE, 62),
            test(Kind.ETCH, 0.4),
            test(Kind.HARDEN_AND_BREAK, 64));
    assertThat(tested.confidence()).isEqualTo(Confidence.MEDIUM);
    Steel steel = Estimate.of(tested, TestSteels.ALL);
    assertThat(steel.carbonPercent()).isEqualTo(0.7);
    assertThat(steel.etchTone()).isEqualTo(Figure.measured(0.4, 0.05, "coupon of this stock"));
    assertThat(steel.hardening().orElseThrow().asQuenched().value()).isEqualTo(64);
  }

  @Test
  void aCertificateIsAsGoodAsTheStandardAndKeepsTheGradesHabits() {
    Steel steel =
        Estimate.of(
            own(
                Origin.CERTIFICATE,
                Optional.of("B"),
                Composition.of(0.72, 0.38, 0.22, 2.03, 0.05),
                Given.nothing()),
            TestSteels.ALL);
    assertThat(steel.confidence()).isEqualTo(Confidence.HIGH);
    assertThat(steel.hardening().orElseThrow().fromC()).isEqualTo(800);
    assertThat(steel.solidusC()).isGreaterThan(1374);
  }

  @Test
  void anUncertainSteelKeepsFurtherFromItsSolidus() {
    Steel sure =
        Estimate.of(
            own(Origin.COMPOSITION, Optional.empty(), PLAIN, Given.nothing()), TestSteels.ALL);
    Steel unsure =
        Estimate.of(
            own(Origin.RECLAIMED, Optional.of("D"), PLAIN, Given.nothing()), TestSteels.ALL);
    assertThat(unsure.weldWindow().orElseThrow().toC())
        .isLessThan(sure.weldWindow().orElseThrow().toC());
  }

  @Test
  void whatNoFormulaReachesAsksForTheFigure() {
    assertThatThrownBy(() ->
            Estimate.of(
                own(
                    Origin.COMPOSITION,
                    Optional.empty(),
                    Composition.of(1.55, 0.4, 0.3, 0, 12),
                    Given.nothing()),
                TestSteels.ALL))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("solidus");
    assertThatThrownBy(() -> own(Origin.RECLAIMED, Optional.empty(), PLAIN, Given.nothing()))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() -> test(Kind.FILE, 120)).isInstanceOf(InvalidValue.class);
  }
}
