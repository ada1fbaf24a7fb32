package app.geminal.forging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.shop.Press;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import app.geminal.shop.Tool;
import app.geminal.steel.FlowStress;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The worked examples for force and spread. */
class ForgingTest {

  /** 38 × 100 mm face, 80 high, 1200 °C: K 1.083, 198 kN, with chilled dies 267 kN. */
  @Test
  void settingAWholeFace() {
    assertThat(Force.wideFactor(38, 100, 80)).isCloseTo(1.083, within(0.0005));
    double flow = FlowStress.mpa(0.8, 1200, 0.2, 0.5);
    assertThat(Force.kn(38, 100, 80, flow)).isCloseTo(267, within(1.0));
  }

  @Test
  void flattenedItWantsTwoAndAHalfTimesAsMuch() {
    assertThat(Force.wideFactor(75, 100, 20)).isCloseTo(1.56, within(0.005));
  }

  /** Without the chill of the dies: 198 kN at 1200 °C, 521 kN at 900 °C, 564 kN when flattened. */
  @Test
  void theWorkedLoads() {
    double hot = FlowStress.mpa(0.8, 1200, 0.2, 0.5);
    assertThat(hot).isCloseTo(48.1, within(0.1));
    assertThat(Force.wideFactor(38, 100, 80) * hot * 3.8).isCloseTo(198, within(1.0));
    assertThat(Force.wideFactor(38, 100, 80) * FlowStress.mpa(0.8, 900, 0.2, 0.5) * 3.8)
        .isCloseTo(521, within(3.0));
    assertThat(Force.wideFactor(75, 100, 20) * hot * 7.5).isCloseTo(564, within(3.0));
  }

  /** A second opinion after Misaka and Yoshimoto (1967), fitted at higher rates: within 20 %. */
  @Test
  void anotherFormulaForHotStrengthAgrees() {
    for (double celsius : new double[] {900, 1000, 1100, 1150, 1200}) {
      for (double rate : new double[] {0.5, 1, 10}) {
        double c = 0.8;
        double t = celsius + 273.15;
        double misaka =
            9.807
                * Math.exp(0.126 - 1.75 * c + 0.594 * c * c + (2851 + 2968 * c - 1120 * c * c) / t)
                * Math.pow(0.2, 0.21)
                * Math.pow(rate, 0.13);
        assertThat(FlowStress.mpa(c, celsius, 0.2, rate)).isCloseTo(misaka, within(0.2 * misaka));
      }
    }
  }

  @Test
  void aNarrowBiteOnTallWorkIndents() {
    assertThat(Force.narrowFactor(40, 40)).isCloseTo(1.155, within(1e-9));
    assertThat(Force.narrowFactor(10, 87)).isCloseTo(1.155 * 2.54, within(1e-9));
    assertThat(Force.narrowFactor(1, 870)).isEqualTo(Force.narrowFactor(10, 87));
  }

  /** 2500 psi on a 5 in bore is 218 kN. */
  @Test
  void boreAndGaugeGiveForce() {
    Press press = new Press(127, 17.24, 0, 250, 100, 130, 45, 15);
    assertThat(press.forceKn()).isCloseTo(218, within(0.5));
    assertThat(new Press(0, 17.24, 180, 250, 100, 130, 45, 15).forceKn()).isEqualTo(180);
    assertThat(press.daylightMm()).isEqualTo(150);
  }

  @Test
  void theLongestBiteUsesTheWholeForce() {
    double bite = Force.longestBiteMm(218, 38, 80, 48, 12, 130);
    assertThat(bite).isBetween(12.0, 130.0);
    assertThat(Force.kn(38, bite, 80, 48)).isCloseTo(218, within(2.0));
    assertThat(Force.longestBiteMm(218, 20, 20, 48, 12, 60)).isEqualTo(60);
    assertThat(Force.longestBiteMm(10, 80, 80, 48, 12, 130)).isZero();
  }

  /** 40 × 40 to 30 high: bites of 38, 19 and 75 mm; rolls of 60 and 250 mm. */
  @Test
  void whereTheHeightIsLost() {
    assertThat(Spread.forgedMm(40, 40, 30, 38)).isCloseTo(45.3, within(0.05));
    assertThat(Spread.forgedMm(40, 40, 30, 19)).isCloseTo(43.6, within(0.05));
    assertThat(Spread.forgedMm(40, 40, 30, 75)).isCloseTo(47.9, within(0.05));
    assertThat(Spread.rolledMm(40, 40, 30, 60)).isCloseTo(41.1, within(0.05));
    assertThat(Spread.rolledMm(40, 40, 30, 250)).isCloseTo(44.2, within(0.05));
    assertThat(Spread.rolledMm(50, 12, 10, 60)).isCloseTo(50.07, within(0.02));
  }

  @Test
  void aLadderEndsWhereItShouldAndKeepsVolume() {
    Shop shop = ShopPreset.GAS_AND_PRESS.shop();
    List<StopLadder.Rung> rungs = StopLadder.of(38, 40, 150, 38, 10, 4, Tool.ROUND, shop);
    assertThat(rungs).hasSize(4);
    assertThat(rungs.getLast().heightMm()).isEqualTo(10);
    assertThat(rungs.getLast().widthMm()).isEqualTo(38);
    for (StopLadder.Rung rung : rungs) {
      assertThat(rung.heightMm() * rung.widthMm() * rung.lengthMm())
          .isCloseTo(38 * 40 * 150, within(1e-6));
      assertThat(rung.spreadMm()).isGreaterThan(38);
    }
    double rolled =
        StopLadder.of(38, 14, 150, 38, 10, 2, Tool.MILL, ShopPreset.PRESS_HAMMER_MILL.shop())
            .getFirst()
            .spreadMm();
    double forged = StopLadder.of(38, 14, 150, 38, 10, 2, Tool.HAMMER, shop).getFirst().spreadMm();
    assertThat(rolled).isLessThan(forged);
  }
}
