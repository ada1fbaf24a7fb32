package app.geminal.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Seconds left at the anvil. */
class WorkingTimeTest {
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
}
