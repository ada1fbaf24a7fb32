package app.geminal.steel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Andrews's formulas on their worked examples. */
class TransformationTest {
  private static final Composition SPRING = Composition.of(0.60, 0.88, 0.25, 0, 0.80);
  private static final Composition BRIGHT = Composition.of(0.75, 0.4, 0.25, 2, 0);
  private static final Composition PLAIN = Composition.of(0.84, 0.75, 0.2, 0, 0);
  private static final Composition BEARING = Composition.of(1.0, 0.35, 0.25, 0, 1.45);

  @Test
  void spring5160() {
    assertThat(Transformation.ac1C(SPRING)).isCloseTo(734, within(0.6));
    assertThat(Transformation.ac3C(SPRING)).isCloseTo(764, within(0.6));
    assertThat(Transformation.msC(SPRING, 0.60)).isCloseTo(249, within(0.6));
    assertThat(Transformation.msByProductsC(SPRING, 0.60)).isCloseTo(260, within(1.0));
  }

  @Test
  void bright15n20() {
    assertThat(Transformation.ac1C(BRIGHT)).isCloseTo(692, within(0.6));
    assertThat(Transformation.msC(BRIGHT, 0.75)).isCloseTo(174, within(0.6));
  }

  @Test
  void plain1084NeedsTheDissolvedCarbon() {
    assertThat(Transformation.ac1C(PLAIN)).isCloseTo(721, within(0.6));
    assertThat(Transformation.msC(PLAIN, 0.84)).isCloseTo(161, within(0.6));
    assertThat(Transformation.msC(PLAIN, 0.78)).isCloseTo(186, within(0.6));
    assertThat(Transformation.msByProductsC(PLAIN, 0.78)).isCloseTo(240, within(10.0));
  }

  @Test
  void bearing52100IsMisleadingByItsBulk() {
    assertThat(Transformation.msC(BEARING, 1.0)).isCloseTo(88, within(1.0));
    assertThat(Transformation.msC(BEARING, 0.62)).isCloseTo(249, within(6.0));
  }

  @Test
  void pastTheFitItRefuses() {
    assertThatThrownBy(() -> Transformation.ac3C(PLAIN)).hasMessageContaining("Carbon is 0.84");
    assertThatThrownBy(() -> Transformation.msC(Composition.of(0.08, 0.6, 0.25, 9, 0), 0.08))
        .hasMessageContaining("Nickel");
    assertThatThrownBy(() -> Transformation.ac1C(Composition.of(1.5, 0.4, 0.3, 0, 12)))
        .hasMessageContaining("Chromium");
  }
}
