package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BandWidthTest {
  @ParameterizedTest
  @CsvSource({
    "0.1, 3.5, 1.64",
    "0.1, 10, 0.58",
    "0.1, 20, 0.29",
    "0.1, 90, 0.10",
    "0.05, 3.5, 0.82",
    "0.25, 3.5, 4.1"
  })
  void theShallowerTheWider(double layer, double angle, double width) {
    assertThat(BandWidth.mm(layer, angle)).isCloseTo(width, within(0.01));
  }

  @Test
  void aPercentOfSlopeMakesRingsOfTenMillimetres() {
    assertThat(BandWidth.ringSpacingMm(0.1, 0.01)).isCloseTo(10, within(1e-9));
  }
}
