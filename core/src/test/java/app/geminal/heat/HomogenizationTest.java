package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Diffusivities and how layers even out, on the worked examples. */
class HomogenizationTest {
  private static final double D_CARBON = 1.63e-10;

  @ParameterizedTest
  @CsvSource({
    "1000, 3.13e-11, 3.02e-11, 3.01e-11, 4.69e-11, 3.79e-11, 4.40e-11",
    "1100, 0.84e-10, 0.76e-10, 0.80e-10, 1.17e-10, 0.95e-10, 1.13e-10",
    "1150, 1.31e-10, 1.14e-10, 1.25e-10, 1.76e-10, 1.44e-10, 1.73e-10",
    "1180, 1.68e-10, 1.45e-10, 1.60e-10, 2.21e-10, 1.82e-10, 2.20e-10",
    "1230, 2.50e-10, 2.09e-10, 2.36e-10, 3.19e-10, 2.62e-10, 3.21e-10"
  })
  void carbonByThreeAuthors(
      double c, double t4, double wm4, double a4, double t8, double wm8, double a8) {
    Percentage close = Percentage.withPercentage(1.5);
    assertThat(Diffusion.carbonM2PerS(0.4, c)).isCloseTo(t4, close);
    assertThat(Diffusion.carbonWellsMehlM2PerS(0.4, c)).isCloseTo(wm4, close);
    assertThat(Diffusion.carbonAgrenM2PerS(0.4, c)).isCloseTo(a4, close);
    assertThat(Diffusion.carbonM2PerS(0.8, c)).isCloseTo(t8, close);
    assertThat(Diffusion.carbonWellsMehlM2PerS(0.8, c)).isCloseTo(wm8, close);
    assertThat(Diffusion.carbonAgrenM2PerS(0.8, c)).isCloseTo(a8, close);
  }

  @Test
  void carbonOf95And50EvensOutByTheSquareOfTheThickness() {
    assertThat(Diffusion.carbonM2PerS(0.7, 1150)).isCloseTo(D_CARBON, Percentage.withPercentage(1));
    assertThat(Homogenization.seconds95(1.5, D_CARBON)).isCloseTo(4520, within(20.0));
    assertThat(Homogenization.seconds95(0.5, D_CARBON) / 60).isCloseTo(8.4, within(0.05));
    assertThat(Homogenization.seconds95(0.2, D_CARBON) / 60).isCloseTo(1.3, within(0.05));
    assertThat(Homogenization.seconds95(0.05, D_CARBON)).isCloseTo(5.0, within(0.05));
    double tenMinutes = 600;
    assertThat(Homogenization.contentAt(1.5, 1.5, 0.95, 0.50, D_CARBON, tenMinutes, 0))
        .isCloseTo(0.909, within(0.001));
    assertThat(Homogenization.contentAt(1.5, 1.5, 0.95, 0.50, D_CARBON, tenMinutes, 1.5))
        .isCloseTo(0.541, within(0.001));
  }

  @Test
  void atTheTimeReportedNineteenTwentiethsAreGone() {
    double t95 = Homogenization.seconds95(0.7, 2e-10);
    assertThat(Homogenization.differenceLeft(0.7, 2e-10, t95)).isCloseTo(0.05, within(1e-3));
    assertThat(Homogenization.differenceLeft(0.7, 2e-10, 0)).isCloseTo(1, within(1e-3));
  }

  @ParameterizedTest
  @CsvSource({
    "NICKEL, 3.9e-15, 58, 1.4e-14",
    "MANGANESE, 3.6e-15, 63, 1.2e-14",
    "CHROMIUM, 2.1e-14, 11, 7.8e-14",
    "PHOSPHORUS, 1.9e-13, 1.2, 4.4e-13"
  })
  void whatSitsInIronsPlacesHardlyMoves(
      Diffusion.Element element, double at1150, double hours95, double at1230) {
    assertThat(element.m2PerS(1150)).isCloseTo(at1150, Percentage.withPercentage(4));
    assertThat(element.m2PerS(1230)).isCloseTo(at1230, Percentage.withPercentage(6));
    assertThat(Homogenization.seconds95(0.05, element.m2PerS(1150)) / 3600)
        .isCloseTo(hours95, Percentage.withPercentage(5));
  }

  /** Contrast of nickel left after an hour, layers in micrometres. */
  @ParameterizedTest
  @CsvSource({"50, 1.00, 0.98", "20, 0.88, 0.37", "10, 0.32, 0.01", "5, 0.00, 0.00"})
  void nickelStaysInLayersThickerThanTwentyMicrometres(double um, double at1150, double at1230) {
    double hour = 3600;
    assertThat(
            Homogenization.differenceLeft(um / 1000, Diffusion.Element.NICKEL.m2PerS(1150), hour))
        .isCloseTo(at1150, within(0.03));
    assertThat(
            Homogenization.differenceLeft(um / 1000, Diffusion.Element.NICKEL.m2PerS(1230), hour))
        .isCloseTo(at1230, within(0.03));
  }

  @ParameterizedTest
  @CsvSource({
    "0.2, 0, 0.75, 0, 0.25, 2, 0.4, 0, 0.92",
    "0.2, 0, 0.75, 0, 2.0, 0, 0.88, 0, 0.80",
    "0.2, 0, 0.75, 0, 0.25, 0, 0.35, 1.45, 1.12"
  })
  void carbonRestsAtEqualActivity(
      double siA,
      double niA,
      double mnA,
      double crA,
      double siB,
      double niB,
      double mnB,
      double crB,
      double ratio) {
    double a = Homogenization.logActivity(siA, niA, mnA, crA, 0);
    double b = Homogenization.logActivity(siB, niB, mnB, crB, 0);
    assertThat(Homogenization.carbonRatio(a, b)).isCloseTo(ratio, within(0.01));
  }
}
