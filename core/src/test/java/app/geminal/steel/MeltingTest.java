package app.geminal.steel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The worked table: delta line (wrong for blade steels), austenite line, liquidus. */
class MeltingTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          # steel     | C    | Mn   | Si   | Ni | Cr   | delta | solidus | liquidus
          1084        | 0.84 | 0.75 | 0.20 | 0  | 0    | 1176  | 1361    | 1473
          1095        | 0.97 | 0.40 | 0.20 | 0  | 0    | 1124  | 1340    | 1467
          15N20       | 0.75 | 0.40 | 0.25 | 2  | 0    | 1207  | 1374    | 1472
          W2, 1.0 %   | 1.00 | 0.25 | 0.25 | 0  | 0.1  | 1112  | 1333    | 1464
          W2, 1.4 %   | 1.40 | 0.25 | 0.25 | 0  | 0.1  | 946   | 1262    | 1440
          52100       | 1.00 | 0.35 | 0.25 | 0  | 1.45 | 1110  | 1329    | 1462
          5160        | 0.60 | 0.88 | 0.25 | 0  | 0.80 | 1273  | 1399    | 1486
          """)
  void workedTable(
      String steel,
      double c,
      double mn,
      double si,
      double ni,
      double cr,
      double delta,
      double solidus,
      double liquidus) {
    Composition composition = Composition.of(c, mn, si, ni, cr).withPhosphorus(0.012);
    assertThat(Melting.deltaSolidusC(composition)).isCloseTo(delta, within(4.5));
    assertThat(Melting.solidusC(composition)).isCloseTo(solidus, within(2.5));
    assertThat(Melting.liquidusC(composition)).isCloseTo(liquidus, within(2.5));
  }

  @Test
  void theWorked1084IsExactToItsTenth() {
    Composition steel = Composition.of(0.84, 0.75, 0.2, 0, 0).withPhosphorus(0.012);
    assertThat(Melting.solidusC(steel)).isCloseTo(1360.6, within(0.05));
  }

  @Test
  void lowCarbonMeetsTheLineAtThePeritectic() {
    assertThat(Melting.solidusC(Composition.of(0.05, 0.3, 0.05, 0, 0)))
        .isCloseTo(1508, within(20.0));
    assertThat(Melting.solidusC(Composition.of(0.14, 0, 0, 0, 0))).isCloseTo(1493, within(1e-9));
    assertThat(Melting.solidusC(Composition.of(0.17, 0, 0, 0, 0))).isCloseTo(1493, within(1e-9));
  }

  @Test
  void ledeburiteAndManganeseAusteniteAreRefused() {
    assertThatThrownBy(() -> Melting.solidusC(Composition.of(1.55, 0.4, 0.3, 0, 11.8)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("Chromium is 11.80");
    assertThatThrownBy(() -> Melting.solidusC(Composition.of(1.2, 12.5, 0.4, 0, 0)))
        .hasMessageContaining("Manganese");
    assertThatThrownBy(() -> Melting.liquidusC(Composition.of(2.5, 0, 0, 0, 0)))
        .hasMessageContaining("Carbon");
  }

  @Test
  void theMarginGrowsWithWhatIsUnknown() {
    assertThat(Melting.marginC(Composition.of(0.75, 0, 0, 0, 0), false)).isEqualTo(90);
    assertThat(Melting.marginC(Composition.of(0.97, 0, 0, 0, 0), false)).isEqualTo(100);
    assertThat(Melting.marginC(Composition.of(1.0, 0, 0, 0, 1.45), false)).isEqualTo(110);
    assertThat(Melting.marginC(Composition.of(0.75, 0, 0, 0, 0), true)).isEqualTo(130);
  }
}
