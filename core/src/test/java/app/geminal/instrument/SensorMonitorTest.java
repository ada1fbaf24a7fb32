package app.geminal.instrument;

import static app.geminal.instrument.SensorState.FROZEN;
import static app.geminal.instrument.SensorState.GOOD;
import static app.geminal.instrument.SensorState.JUMPING;
import static app.geminal.instrument.SensorState.LOST;
import static app.geminal.instrument.SensorState.OUT_OF_RANGE;
import static app.geminal.instrument.SensorState.WAITING;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** An instrument that is lost or reads wrong is noticed, and a true one is left alone. */
class SensorMonitorTest {

  @Test
  void aTrueOneIsBelieved() {
    SensorMonitor gauge = SensorMonitor.ofForge();
    assertThat(gauge.silent(0)).isEqualTo(WAITING);
    for (int s = 0; s < 600; s++) {
      assertThat(gauge.said(s, 20 + s * 2 + 0.1 * (s % 3))).isEqualTo(GOOD);
    }
    assertThat(gauge.lastGoodS()).isEqualTo(599);
  }

  @Test
  void silentForFourSecondsIsLost() {
    SensorMonitor gauge = SensorMonitor.ofForge();
    gauge.said(10, 1180);
    assertThat(gauge.silent(13)).isEqualTo(GOOD);
    assertThat(gauge.silent(14)).isEqualTo(LOST);
    assertThat(gauge.said(15, 1181)).isEqualTo(GOOD);
  }

  @Test
  void theSameFigureForHalfAMinuteIsFrozen() {
    SensorMonitor gauge = SensorMonitor.ofForge();
    IntStream.range(0, 30).forEach(s -> assertThat(gauge.said(s, 1180.4)).isEqualTo(GOOD));
    assertThat(gauge.said(30, 1180.4)).isEqualTo(FROZEN);
    assertThat(gauge.lastGoodS()).isEqualTo(29);
    assertThat(gauge.said(31, 1180.5)).isEqualTo(GOOD);
  }

  @Test
  void aPressAtRestMayStandStill() {
    SensorMonitor gauge = SensorMonitor.ofPress();
    IntStream.range(0, 100).forEach(s -> assertThat(gauge.said(s, 0)).isEqualTo(GOOD));
    assertThat(gauge.said(100, 17)).isEqualTo(GOOD);
    IntStream.range(101, 130).forEach(s -> gauge.said(s, 17));
    assertThat(gauge.said(130, 17)).isEqualTo(FROZEN);
  }

  @Test
  void aJumpIsNotBelievedUntilItHolds() {
    SensorMonitor gauge = SensorMonitor.ofForge();
    gauge.said(0, 1180);
    assertThat(gauge.said(1, 700)).isEqualTo(JUMPING);
    assertThat(gauge.said(2, 1181)).isEqualTo(GOOD);
    for (int s = 3; s < 7; s++) {
      assertThat(gauge.said(s, 702 + s)).isEqualTo(JUMPING);
    }
    assertThat(gauge.said(7, 709)).isEqualTo(GOOD);
    assertThat(gauge.lastGood()).hasValue(709);
  }

  @Test
  void whatNoForgeIsAtIsOutOfRange() {
    SensorMonitor gauge = SensorMonitor.ofForge();
    gauge.said(0, 1180);
    assertThat(gauge.said(1, 3276.7)).isEqualTo(OUT_OF_RANGE);
    assertThat(gauge.said(2, Double.NaN)).isEqualTo(OUT_OF_RANGE);
    assertThat(gauge.said(3, -200)).isEqualTo(OUT_OF_RANGE);
    assertThat(gauge.lastGood()).hasValue(1180);
  }
}
