package app.geminal.steel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** Tempering and layers together, on the worked examples. */
class HardnessTest {
  @Test
  void temperingLongerIsTemperingHotter() {
    assertThat(Hardness.temperParameter(200, 1, 20)).isCloseTo(9463, within(1.0));
    assertThat(Hardness.oneHourTemperC(200, 2, 20)).isCloseTo(207, within(0.5));
    assertThat(Hardness.oneHourTemperC(200, 4, 20)).isCloseTo(214, within(0.5));
    assertThat(Hardness.oneHourTemperC(200, 4, 16.4)).isCloseTo(217, within(0.7));
  }

  @Test
  void layersAreAveragedInVickers() {
    assertThat(Hardness.vickers(62)).isCloseTo(745, within(1.0));
    assertThat(Hardness.vickers(30)).isCloseTo(303, within(1.0));
    assertThat(Hardness.laminate(Map.of(61.5, 1.0, 59.5, 1.0))).isCloseTo(60.5, within(0.1));
    assertThat(Hardness.laminate(Map.of(62.0, 1.0, 30.0, 1.0))).isCloseTo(50.7, within(0.1));
  }

  @Test
  void rockwellAndVickersAreInverse() {
    for (double hrc = 20; hrc <= 66; hrc += 0.5) {
      assertThat(Hardness.rockwellC(Hardness.vickers(hrc))).isCloseTo(hrc, within(1e-9));
    }
  }

  @Test
  void mostAsQuenchedIsCapped() {
    assertThat(Hardness.mostAsQuenched(0.25)).isCloseTo(50, within(1e-9));
    assertThat(Hardness.mostAsQuenched(0.6)).isEqualTo(66);
    assertThat(Hardness.mostAsQuenched(1.2)).isEqualTo(66);
  }

  @Test
  void aTemperCurveSaysNothingOutsideItsPoints() {
    TemperCurve curve = TemperCurve.parse("150:64;200:62;260:58");
    assertThat(curve.hrcAt(175)).contains(63.0);
    assertThat(curve.hrcAt(200)).contains(62.0);
    assertThat(curve.hrcAt(149)).isEmpty();
    assertThat(curve.hrcAt(261)).isEmpty();
  }
}
