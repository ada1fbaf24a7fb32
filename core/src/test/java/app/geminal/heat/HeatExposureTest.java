package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the fire takes: the worked examples for scale, carbon and grain, and how they add up. */
class HeatExposureTest {
  private static final double TIBBETTS_1180 = Diffusion.carbonM2PerS(0.84, 1180);

  /** 15 min at 1180 °C without scale: 0.91 mm to nine tenths, 1.08 mm to nineteen twentieths. */
  @Test
  void decarburisedWithoutScale() {
    double diffusionM2 = 1.683e-10 * 900;
    assertThat(Math.sqrt(diffusionM2) * 1000).isCloseTo(0.389, within(0.001));
    assertThat(Decarburization.depthMm(0.84, diffusionM2, 0, 0.9)).isCloseTo(0.91, within(0.04));
    assertThat(Decarburization.depthMm(0.84, diffusionM2, 0, 0.95)).isCloseTo(1.08, within(0.05));
  }

  /** Under a face that scale eats: 0.79 mm neutral, 0.73 oxidising, 0.85 rich. */
  @ParameterizedTest(name = "{0} mm eaten: {1} mm soft")
  @CsvSource({"0.183, 0.79", "0.29, 0.73", "0.07, 0.85"})
  void richnessMakesLessScaleAndADeeperSoftSkin(double eaten, double soft) {
    assertThat(Decarburization.depthMm(0.84, 1.683e-10 * 900, eaten, 0.9))
        .isCloseTo(soft, within(0.02));
  }

  @Test
  void noTimeNoDepthAndNoCarbonNoDepth() {
    assertThat(Decarburization.depthMm(0.84, 0, 0, 0.9)).isZero();
    assertThat(Decarburization.depthMm(0.03, 1e-7, 0, 0.9)).isZero();
    assertThat(TIBBETTS_1180).isBetween(1.6e-10, 2.4e-10);
  }

  /** 30 µm, 30 min. */
  @ParameterizedTest(name = "{0} °C: {1} µm")
  @CsvSource({
    "1000, 100",
    "1100, 148",
    "1150, 177",
    "1180, 196",
    "1230, 229",
    "1260, 250",
    "1290, 273"
  })
  void grainGrows(double celsius, double um) {
    assertThat(Grain.grownUm(30, celsius, 1800)).isCloseTo(um, within(1.5));
  }

  @ParameterizedTest(name = "{0} °C: {1}")
  @CsvSource({
    "1150, 0.09",
    "1180, 0.18",
    "1204, 0.30",
    "1230, 0.54",
    "1260, 1.0",
    "1290, 1.8",
    "1320, 3.3"
  })
  void grainByRate(double celsius, double rate) {
    assertThat(Grain.rate(celsius)).isCloseTo(rate, within(0.03 * rate + 0.005));
  }

  /** 1.4 % at 1000 °C, 1.9 % at 1200 °C. */
  @Test
  void hotSteelIsLarger() {
    assertThat(HotSize.growth(20)).isEqualTo(1);
    assertThat(HotSize.growth(1000)).isCloseTo(1.014, within(0.0005));
    assertThat(HotSize.growth(1200)).isCloseTo(1.019, within(0.0005));
    assertThat(HotSize.coldMm(10.19, 1200)).isCloseTo(10, within(0.005));
  }

  /** Steady heat in many small steps is the same as in one; six clean heats lose √6 more. */
  @Test
  void aHistoryAddsUp() {
    HeatExposure once = HeatExposure.NONE.plus(1200, 1180, 1180);
    HeatExposure often = HeatExposure.NONE;
    HeatExposure brushed = HeatExposure.NONE;
    for (int i = 0; i < 6; i++) {
      for (int s = 0; s < 200; s++) {
        often = often.plus(1, 1180, 1180);
      }
      brushed = brushed.plus(200, 1180, 1180).clean(Atmosphere.NEUTRAL);
    }
    double steady = once.scaleMm(Atmosphere.NEUTRAL);
    assertThat(steady).isCloseTo(Scale.recessionMm(1180, 20, Atmosphere.NEUTRAL), within(1e-9));
    assertThat(steady).isCloseTo(0.21, within(0.005));
    assertThat(often.scaleMm(Atmosphere.NEUTRAL)).isCloseTo(steady, within(1e-9));
    assertThat(brushed.scaleMm(Atmosphere.NEUTRAL)).isCloseTo(2.45 * steady, within(0.01));
    assertThat(often.grainUm()).isCloseTo(Grain.grownUm(30, 1180, 1200), within(0.1));
    assertThat(often.hotS()).isEqualTo(1200);
    assertThat(often.forged().grainUm()).isEqualTo(30);
    assertThat(once.carbonDifferenceLeft(0.05)).isLessThan(0.001);
    assertThat(HeatExposure.NONE.plus(1200, 600, 600).scaleMm(Atmosphere.OXIDISING)).isZero();
  }
}
