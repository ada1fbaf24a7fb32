package app.geminal.numeric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class NumericTest {
  @Test
  void aBorderIsFoundFromEitherSide() {
    Border rising = Border.between(0, 10, 1e-6, x -> x * x < 2);
    assertThat(rising.middle()).isCloseTo(Math.sqrt(2), within(1e-6));
    assertThat(rising.last()).isLessThan(Math.sqrt(2));
    Border falling = Border.between(10, 0, 1e-6, x -> x * x > 2);
    assertThat(falling.last()).isGreaterThan(Math.sqrt(2));
    assertThat(falling.next()).isCloseTo(falling.last(), within(1e-6)).isLessThan(Math.sqrt(2));
  }

  @Test
  void withoutAToleranceItIsAsNearAsNumbersCanBeAndEnds() {
    AtomicInteger asked = new AtomicInteger();
    Border border =
        Border.between(
            -1,
            1,
            0,
            x -> {
              asked.incrementAndGet();
              return x < 1e-300;
            });
    assertThat(border.last()).isLessThan(1e-300);
    assertThat(border.next()).isGreaterThanOrEqualTo(1e-300);
    assertThat(Math.nextUp(border.last())).isEqualTo(border.next());
    assertThat(asked.get()).isLessThanOrEqualTo(1100);
  }

  @Test
  void aPolylineIsStraightBetweenItsPointsAndLevelOutside() {
    Polyline line = Polyline.through(1, 10, 2, 30, 4, 20);
    assertThat(line.at(1.5)).isEqualTo(20);
    assertThat(line.at(3)).isEqualTo(25);
    assertThat(line.at(2)).isEqualTo(30);
    assertThat(line.at(0)).isEqualTo(10);
    assertThat(line.at(9)).isEqualTo(20);
    assertThat(line.covers(4)).isTrue();
    assertThat(line.covers(4.1)).isFalse();
    assertThat(line.covers(0.9)).isFalse();
  }

  @Test
  void pointsThatAreNoneAreRefused() {
    assertThatThrownBy(() -> Polyline.through(1, 2, 1, 3)).hasMessageContaining("rise");
    assertThatThrownBy(() -> Polyline.through(1)).hasMessageContaining("no such point");
    assertThatThrownBy(Polyline::through).hasMessageContaining("no such point");
  }
}
