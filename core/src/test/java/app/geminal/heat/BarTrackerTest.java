package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.heat.BarTracker.Place;
import org.junit.jupiter.api.Test;

/** A bar followed through fire and air. */
class BarTrackerTest {
  private static final BarHeat.Of STACK = BarHeat.Of.solid(38, 40, 150).loose(2.4);

  private static BarTracker heated(int seconds) {
    BarTracker f = new BarTracker(STACK, 20);
    f.put(Place.FIRE);
    for (int s = 0; s < seconds; s++) {
      if (s == seconds / 2) {
        f.turnedOver();
      }
      f.advance(1, 1240);
    }
    return f;
  }

  @Test
  void theSkinIsReadyBeforeTheCore() {
    BarTracker.Estimate now = heated(480).estimate();
    assertThat(now.skinC()).isGreaterThan(now.coreC() + 50);
    assertThat(now.plusMinusC()).isBetween(5.0, 400.0);
    assertThat(now.isReady(1120)).isFalse();
  }

  @Test
  void whatItSaysOfTheTimeLeftComesTrue() {
    BarTracker f = heated(480);
    double left = f.secondsToReady(1120);
    assertThat(left).isBetween(60.0, 1800.0);
    for (int s = 0; s < left; s++) {
      f.advance(1, 1240);
      if (s % 120 == 105) {
        f.turnedOver();
      }
    }
    assertThat(f.estimate().isReady(1115)).isTrue();
    assertThat(f.secondsToReady(1120)).isLessThan(60);
  }

  @Test
  void outOfTheFireThinCoolsSoonerThanThick() {
    BarHeat thin = new BarHeat(BarHeat.Of.solid(40, 10, 150), 1200);
    BarHeat thick = new BarHeat(BarHeat.Of.solid(40, 50, 150), 1200);
    WorkingTime ofThin = WorkingTime.of(thin, 1120, 2);
    WorkingTime ofThick = WorkingTime.of(thick, 1120, 2);
    assertThat(ofThin.jointS()).isLessThan(ofThick.jointS());
    assertThat(ofThick.skinS()).isLessThanOrEqualTo(ofThick.jointS());
    assertThat(ofThick.diesS()).isLessThan(ofThick.jointS());
    assertThat(WorkingTime.of(new BarHeat(BarHeat.Of.solid(40, 50, 150), 1000), 1120, 2).jointS())
        .isZero();
  }

  /** A plate so thin that it is one lump loses by ε·σ·(T⁴−T₀⁴) + h: seconds by hand. */
  @Test
  void aThinPlateCoolsAsCalculatedByHand() {
    BarHeat plate = new BarHeat(BarHeat.Of.solid(200, 4, 200), 1200);
    double perS = 0;
    double c = 1200;
    double seconds = 0;
    while (c > 1120) {
      perS =
          2
              * Surroundings.air().coefficient(c)
              * (c - 20)
              * 1.04
              / (7850 * SteelHeat.STEEL.capacity(c) * 0.004);
      c -= perS * 0.01;
      seconds += 0.01;
    }
    assertThat(WorkingTime.of(plate, 1120, 2).jointS()).isCloseTo(seconds, within(1.0));
    assertThat(perS).isPositive();
  }

  @Test
  void itTakesItsExposureAndForecasts() {
    BarTracker f = heated(900);
    assertThat(f.exposure().scaleMm(Atmosphere.RICH)).isBetween(0.01, 0.2);
    assertThat(f.forecast(10, 15)).hasSize(11);
    assertThat(f.forecast(10, 15).getLast().coreC()).isGreaterThan(f.estimate().coreC());
    f.put(Place.AIR);
    f.advance(30, 1240);
    double skin = f.estimate().skinC();
    f.put(Place.DIES);
    f.advance(3, 1240);
    assertThat(f.estimate().skinC()).isLessThan(skin - 30);
    f.welded();
    assertThat(f.exposure().grainUm()).isEqualTo(Grain.USUAL_UM);
  }
}
