package app.geminal.steel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EtchToneTest {
  @ParameterizedTest
  @CsvSource({
    "0.84, 0.75, 0, 0, 0.14",
    "0.75, 0.40, 2.0, 0, 0.80",
    "0.70, 0.55, 1.5, 0.8, 0.81",
    "1.00, 0.35, 0, 1.45, 0.26",
    "0.90, 2.00, 0, 0.35, 0.06",
    "0.70, 0.50, 0.8, 0.45, 0.67"
  })
  void workedExamples(double c, double mn, double ni, double cr, double tone) {
    assertThat(EtchTone.of(Composition.of(c, mn, 0.25, ni, cr))).isCloseTo(tone, within(0.04));
  }

  @Test
  void theFirstPercentOfNickelDoesMost() {
    double none = EtchTone.of(Composition.of(0.75, 0.4, 0.2, 0, 0));
    double one = EtchTone.of(Composition.of(0.75, 0.4, 0.2, 1, 0));
    double three = EtchTone.of(Composition.of(0.75, 0.4, 0.2, 3, 0));
    double four = EtchTone.of(Composition.of(0.75, 0.4, 0.2, 4, 0));
    assertThat(one - none).isGreaterThan(0.5);
    assertThat(four - three).isLessThan(0.01);
  }

  @Test
  void stainlessAndMildSteelAreRefused() {
    assertThatThrownBy(() -> EtchTone.of(Composition.of(0.05, 1.3, 0.5, 8.5, 18)))
        .isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> EtchTone.of(Composition.of(0.18, 0.75, 0.2, 0, 0)))
        .isInstanceOf(OutOfRange.class);
  }
}
