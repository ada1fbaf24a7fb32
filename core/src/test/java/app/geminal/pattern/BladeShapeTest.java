package app.geminal.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.operation.Blade;
import app.geminal.operation.Blade.Profile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BladeShapeTest {
  private static BladeShape shape(Profile profile) {
    return BladeShape.of(new Blade(profile, 150, 30, 5, 0.4, 20, 0.4, 40));
  }

  @ParameterizedTest
  @EnumSource(Profile.class)
  void edgeAndSpineMeetAtThePointAndNowhereBefore(Profile profile) {
    BladeShape blade = shape(profile);
    assertThat(blade.spineMm(150) - blade.edgeMm(150)).isCloseTo(0, within(1e-9));
    for (double x = 40; x < 149; x++) {
      assertThat(blade.spineMm(x)).isGreaterThan(blade.edgeMm(x));
      assertThat(blade.edgeMm(x)).isBetween(0.0, 30.0);
      assertThat(blade.edgeMm(x + 1)).isGreaterThanOrEqualTo(blade.edgeMm(x));
    }
  }

  @ParameterizedTest
  @EnumSource(Profile.class)
  void itIsThickAtTheSpineThinAtTheEdgeAndTapersToThePoint(Profile profile) {
    BladeShape blade = shape(profile);
    assertThat(blade.halfMm(20, 15)).as("tang").isEqualTo(2.5);
    assertThat(blade.halfMm(41, blade.edgeMm(41))).as("edge").isCloseTo(0.2, within(1e-9));
    double spine = blade.halfMm(41, 30);
    assertThat(spine).isBetween(2.45, 2.5);
    double near = blade.edgeMm(100);
    assertThat(blade.halfMm(100, near + 20)).isBetween(1.8, 2.1);
    assertThat(blade.halfMm(100, near + 10)).isBetween(0.9, 1.3);
  }

  @Test
  void theTangIsHalfAsWide() {
    BladeShape blade = shape(Profile.DROP);
    assertThat(blade.isWithin(10, 8)).isTrue();
    assertThat(blade.isWithin(10, 7)).isFalse();
    assertThat(blade.isWithin(60, 2)).isTrue();
    assertThat(blade.isWithin(-1, 15)).isFalse();
    assertThat(blade.has(60, 25, 2)).isTrue();
    assertThat(blade.has(60, 15, 2)).isFalse();
  }
}
