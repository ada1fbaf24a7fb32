package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScaleTest {

  /** Metal loss in 20 min, mm a face, as worked out beside the formula; all given to 2 figures. */
  @ParameterizedTest
  @CsvSource({
    "900, 1.74e-11, 0.06, 0.04, 0.02",
    "1000, 6.81e-11, 0.13, 0.08, 0.03",
    "1100, 2.18e-10, 0.23, 0.14, 0.06",
    "1180, 4.95e-10, 0.34, 0.21, 0.085",
    "1250, 9.42e-10, 0.47, 0.29, 0.12",
    "1300, 1.44e-9, 0.58, 0.36, 0.15",
  })
  void workedExamples(double c, double rate, double oxidising, double neutral, double rich) {
    assertThat(Scale.rateM2PerS(c)).isCloseTo(rate, within(rate * 0.005));
    assertThat(Scale.recessionMm(c, 20, Atmosphere.OXIDISING)).isCloseTo(oxidising, within(0.006));
    assertThat(Scale.recessionMm(c, 20, Atmosphere.NEUTRAL)).isCloseTo(neutral, within(0.006));
    assertThat(Scale.recessionMm(c, 20, Atmosphere.RICH)).isCloseTo(rich, within(0.006));
  }

  @Test
  void descalingStartsTheParabolaAgain() {
    double once = Scale.recessionMm(1180, 60, Atmosphere.RICH);
    double sixTimes = 6 * Scale.recessionMm(1180, 10, Atmosphere.RICH);
    assertThat(sixTimes / once).isCloseTo(2.45, within(0.005));
  }

  @Test
  void nothingBelowItsRangeAndTheEndValueAbove() {
    assertThat(Scale.recessionMm(699, 60, Atmosphere.OXIDISING)).isZero();
    assertThat(Scale.recessionMm(1400, 10, Atmosphere.RICH))
        .isEqualTo(Scale.recessionMm(1300, 10, Atmosphere.RICH));
  }
}
