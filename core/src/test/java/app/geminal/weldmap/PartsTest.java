package app.geminal.weldmap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What a weld map is put together from, against figures worked out apart. */
class PartsTest {
  @Test
  void theFrictionHillRisesFromTheEdge() {
    FrictionHill hill = new FrictionHill(0.4, 38, 80);
    assertThat(hill.at(0)).isEqualTo(1);
    assertThat(hill.at(0.5)).isCloseTo(1.20925, within(1e-5));
    assertThat(hill.mean()).isCloseTo(1.10131, within(1e-4));
    assertThat(hill.overMean(0)).isLessThan(1);
    // Flat and wide the steel sticks: a straight line instead of a needle.
    assertThat(new FrictionHill(0.4, 100, 5).at(0.5)).isBetween(8.0, 15.0);
  }

  @ParameterizedTest
  @CsvSource({
    "0, 1, 868.46",
    "3.2, 0.3, 1191.10",
    "3.2, 2, 1030.16",
    "20, 2, 1200.00",
    "5, 0, 1200"
  })
  void coldDiesCoolWhatIsUnderThem(double depthMm, double seconds, double afterC) {
    assertThat(DieChill.after(1200, DieChill.share(depthMm, seconds, 4000)))
        .isCloseTo(afterC, within(0.01));
  }

  @Test
  void bitesAreTakenFromTheMiddleOut() {
    assertThat(Bite.fromTheMiddle(3, 50, 120))
        .containsExactly(new Bite(35, 85), new Bite(0, 50), new Bite(70, 120));
    assertThat(Bite.fromTheMiddle(1, 200, 120)).containsExactly(new Bite(0, 120));
  }

  @Test
  void ninetyInAHundredAreInARange() {
    Range steps = Range.of(-25, 25);
    assertThat(steps.at(0.05)).isCloseTo(-25, within(1e-3));
    assertThat(steps.at(0.5)).isCloseTo(0, within(1e-9));
    Range factors = Range.byFactors(300, 5000);
    assertThat(factors.at(0.05)).isCloseTo(300, within(0.1));
    assertThat(factors.at(0.95)).isCloseTo(5000, within(2.0));
    assertThat(factors.median()).isCloseTo(1224.74, within(0.01));
  }

  @ParameterizedTest
  @EnumSource
  void whatIsTakenForLikelyIsInItsRange(Unknown unknown) {
    assertThat(unknown.likely()).isBetween(unknown.range().low(), unknown.range().high());
  }

  @ParameterizedTest
  @EnumSource
  void theEnsembleTakesEachPartOfARangeOnce(Unknown unknown) {
    List<Double> sorted = Sample.ensemble().stream().map(s -> s.get(unknown)).sorted().toList();
    assertThat(sorted).hasSize(Sample.MEMBERS).doesNotHaveDuplicates();
    for (int i = 0; i < Sample.MEMBERS; i++) {
      assertThat(sorted.get(i))
          .isCloseTo(unknown.range().at((i + 0.5) / Sample.MEMBERS), within(1e-9));
    }
  }

  @Test
  void theEnsembleIsTheSameAtEveryCallAndTakesWhatWasLearnt() {
    assertThat(Sample.ensemble().get(7).get(Unknown.FLAME))
        .isEqualTo(Sample.ensemble().get(7).get(Unknown.FLAME));
    List<Sample> learnt = Sample.ensemble(Map.of(Unknown.CHAMBER_OFFSET, Range.of(30, 34)), 16, 1);
    assertThat(learnt)
        .allSatisfy(s -> assertThat(s.get(Unknown.CHAMBER_OFFSET)).isBetween(28.0, 36.0));
    double apart =
        learnt.stream().mapToDouble(s -> s.get(Unknown.CHAMBER_OFFSET)).average().orElse(0);
    assertThat(apart).isCloseTo(32, within(0.2));
  }
}
