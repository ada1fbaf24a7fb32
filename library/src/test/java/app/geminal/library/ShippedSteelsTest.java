package app.geminal.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.steel.Basis;
import app.geminal.steel.Confidence;
import app.geminal.steel.Melting;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import org.junit.jupiter.api.Test;

class ShippedSteelsTest {
  private static final Steels STEELS = ShippedSteels.read();

  @Test
  void everyRowIsThere() {
    assertThat(STEELS.all()).hasSize(52);
    assertThat(STEELS.all()).extracting(Steel::id).doesNotHaveDuplicates();
  }

  @Test
  void figuresStandInTheirColumns() {
    Steel bright = STEELS.get("15N20");
    assertThat(bright.weldWindow()).contains(new WeldWindow(1110, 1270));
    assertThat(bright.densityKgM3()).isEqualTo(7860);
    assertThat(bright.etchTone().value()).isEqualTo(0.85);
    assertThat(bright.solidusC()).isEqualTo(1374);
    assertThat(bright.carbonPercent()).isEqualTo(0.75);
    assertThat(bright.confidence()).isEqualTo(Confidence.HIGH);
    assertThat(STEELS.get("cable").confidence()).isEqualTo(Confidence.LOW);
  }

  @Test
  void metalsThatMustNotBeForgeWeldedHaveNoWindow() {
    assertThat(STEELS.get("CW508L").weldWindow()).isEmpty();
    assertThat(STEELS.get("Ti2").weldWindow()).isEmpty();
    assertThat(STEELS.all())
        .filteredOn(s -> s.weldWindow().isPresent())
        .allSatisfy(s ->
            assertThat(s.weldWindow().orElseThrow().toC()).as(s.id()).isLessThan(s.solidusC()));
  }

  @Test
  void computedMeltingAgreesWithItsFormulaRowByRow() {
    assertThat(STEELS.all())
        .filteredOn(s -> s.solidus().basis() == Basis.COMPUTED)
        .hasSizeGreaterThan(30)
        .allSatisfy(s ->
            assertThat(s.solidusC())
                .as(s.id())
                .isCloseTo(Melting.solidusC(s.composition()), within(20.0)));
  }
}
