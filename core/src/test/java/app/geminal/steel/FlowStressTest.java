package app.geminal.steel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FlowStressTest {
  /** 0.8 % C at strain 0.2: MPa at 0.1, 0.5, 1 and 10 per second. */
  @ParameterizedTest
  @CsvSource({
    "900, 101, 127, 139, 193",
    "1000, 69, 88, 97, 138",
    "1100, 49, 64, 71, 104",
    "1150, 42, 55, 62, 91",
    "1200, 36, 48, 54, 81",
    "1230, 34, 45, 50, 76"
  })
  void workedTable(double c, double slow, double press, double one, double hammer) {
    assertThat(FlowStress.mpa(0.8, c, 0.2, 0.1)).isCloseTo(slow, within(1.0));
    assertThat(FlowStress.mpa(0.8, c, 0.2, 0.5)).isCloseTo(press, within(1.0));
    assertThat(FlowStress.mpa(0.8, c, 0.2, 1)).isCloseTo(one, within(1.0));
    assertThat(FlowStress.mpa(0.8, c, 0.2, 10)).isCloseTo(hammer, within(1.0));
  }

  /** A set takes some 3 % a heat under a feathered ram: half of what a hearty bite needs. */
  @Test
  void aFeatheredSetNeedsHalfOfAHeartyBite() {
    Composition steel = Composition.of(0.84, 0.75, 0.2, 0, 0);
    double set = FlowStress.mpa(steel, 1180, Deformation.ofSet(0.03));
    double bite = FlowStress.mpa(steel, 1180, Deformation.USUAL);
    assertThat(set / bite).isBetween(0.42, 0.55);
    assertThat(FlowStress.mpa(steel, 1180, Deformation.ofSet(0)))
        .isEqualTo(FlowStress.mpa(0.84, 1180, 0.01, 0.1));
  }

  @Test
  void metalsTheFormulaDoesNotKnowAreNamed() {
    FlowStress.Mix mix =
        FlowStress.ofMix(
            java.util.Map.of("D", 2.0, "Cu", 1.0), TestSteels.ALL, 1000, Deformation.USUAL);
    assertThat(mix.unknown()).containsExactly("Cu");
    assertThat(mix.mpa()).isPresent();
  }

  @Test
  void chromiumStiffens() {
    Composition plain = Composition.of(0.8, 0.4, 0.2, 0, 0);
    assertThat(
            FlowStress.mpa(Composition.of(0.8, 0.4, 0.2, 0, 5), 1150) / FlowStress.mpa(plain, 1150))
        .isCloseTo(1.25, within(1e-9));
    assertThat(
            FlowStress.mpa(Composition.of(0.8, 0.4, 0.2, 0, 18), 1150)
                / FlowStress.mpa(plain, 1150))
        .isCloseTo(2.0, within(1e-9));
  }

  @Test
  void outsideItsHeatsItRefuses() {
    assertThatThrownBy(() -> FlowStress.mpa(0.8, 650, 0.2, 1)).isInstanceOf(OutOfRange.class);
    assertThatThrownBy(() -> FlowStress.mpa(Composition.of(0, 0, 0, 99, 0), 1150))
        .isInstanceOf(OutOfRange.class);
  }
}
