package app.geminal.following;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.following.Sighting.Sign;
import app.geminal.following.Sighting.SkinColor;
import app.geminal.following.Sighting.SkinReading;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Grain;
import app.geminal.heat.Surroundings;
import app.geminal.weldmap.Sample;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A bar followed through fire and air. */
class FollowedBarTest {
  private static final BarHeat.Of STACK = BarHeat.Of.solid(38, 40, 150).loose(2.4);
  private static final double FLOOR_C = 1120;

  private static FollowedBar heated(int seconds) {
    return heated(new FollowedBar(STACK, 20), seconds);
  }

  private static FollowedBar heated(FollowedBar f, int seconds) {
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
  void theSkinIsHotBeforeTheCoreAndLittleIsKnownOfIt() {
    FollowedBar f = heated(480);
    Estimate now = f.estimate();
    assertThat(now.skinC()).isGreaterThan(now.coreC() + 50);
    assertThat(now.core().low()).isLessThan(now.coreC() - 50);
    assertThat(now.core().high()).isGreaterThan(now.coreC() + 30);
    assertThat(now.core().halfWidth()).isGreaterThan(now.skin().halfWidth());
    assertThat(now.plusMinusC()).isEqualTo(now.core().halfWidth());
    assertThat(f.chanceReady(FLOOR_C)).isLessThan(0.1);
  }

  /** Nothing of the ensemble's own gets into the heat: the solver alone comes out the same. */
  @Test
  void theLikelyMemberAloneHasTheTemperaturesOfTheBar() {
    FollowedBar one = heated(new FollowedBar(STACK, 20, List.of(Sample.likely()), List.of()), 600);
    Surroundings chamber = Surroundings.chamber(1240).on(FaceContact.FLOOR);
    BarHeat alone = new BarHeat(STACK, 20);
    for (int s = 0; s < 600; s++) {
      if (s == 300) {
        alone.turnedOver();
      }
      alone.advance(1, chamber);
    }
    assertThat(one.estimate().coreC()).isEqualTo(alone.coreC());
    assertThat(one.estimate().skinC()).isEqualTo(alone.topSkinC(chamber));
    assertThat(one.estimate().plusMinusC()).isZero();
  }

  @Test
  void whatItSaysOfTheTimeLeftComesTrue() {
    FollowedBar f = heated(480);
    Interval left = f.secondsToReady(FLOOR_C);
    assertThat(left.low()).isLessThan(left.middle()).isGreaterThan(60);
    assertThat(left.high()).isGreaterThan(left.middle()).isLessThan(3000);
    for (int s = 0; s < left.high() + 60; s++) {
      f.advance(1, 1240);
      if (s % 120 == 105) {
        f.turnedOver();
      }
    }
    assertThat(f.chanceReady(FLOOR_C)).isGreaterThanOrEqualTo(FollowedBar.SURE);
    assertThat(f.secondsToReady(FLOOR_C).middle()).isZero();
  }

  @Test
  void aShadowThatIsGoneMakesTheCoreHotterAndBetterKnown() {
    FollowedBar there = heated(700);
    FollowedBar gone = there.copy();
    Estimate before = there.estimate();
    gone.seen(Sign.NO_SHADOW);
    there.seen(Sign.SHADOW);
    assertThat(gone.estimate().coreC()).isGreaterThan(before.coreC());
    assertThat(there.estimate().coreC()).isLessThan(before.coreC());
    assertThat(gone.estimate().core().halfWidth()).isLessThan(before.core().halfWidth());
    assertThat(gone.chanceReady(FLOOR_C)).isGreaterThan(there.chanceReady(FLOOR_C));
  }

  /** The skin of a gauge that is off by 40 °C is seen with a thermometer in the hand. */
  @Test
  void aReadingOfTheSkinIsTakenUpByGaugeAndCore() {
    FollowedBar f = heated(900);
    double skin = f.estimate().skinC();
    double before = f.estimate().coreC();
    f.seen(new SkinReading(skin - 40));
    f.seen(new SkinReading(skin - 40));
    assertThat(f.estimate().skinC()).isCloseTo(skin - 40, within(20.0));
    assertThat(f.estimate().skin().halfWidth()).isLessThan(25);
    assertThat(f.estimate().coreC()).isLessThan(before - 10);
  }

  /** One wild figure moves it, and does not carry it away. */
  @Test
  void oneWildReadingIsNotBelieved() {
    FollowedBar f = heated(900);
    double skin = f.estimate().skinC();
    f.seen(new SkinReading(400));
    assertThat(f.estimate().skinC()).isCloseTo(skin, within(1.0));
  }

  @Test
  void theSameIsSaidOfTheSameLog() {
    FollowedBar one = heated(700);
    one.seen(new SkinColor(1150));
    one.seen(Sign.NO_SHADOW);
    FollowedBar other = heated(700);
    other.seen(new SkinColor(1150));
    other.seen(Sign.NO_SHADOW);
    assertThat(heated(one, 60).estimate()).isEqualTo(heated(other, 60).estimate());
  }

  @Test
  void fluxTellsWhatTheSkinIsAt() {
    FollowedBar f = heated(300);
    FollowedBar smokes = f.copy();
    f.seen(Sign.FLUX_MELTS);
    smokes.seen(Sign.FLUX_SMOKES);
    assertThat(smokes.estimate().skinC()).isGreaterThan(f.estimate().skinC() + 20);
  }

  @Test
  void theLookThatSaysMostIsAskedFor() {
    FollowedBar doubtful = heated(700);
    assertThat(doubtful.mostInformative(EnumSet.allOf(Look.class))).isPresent();
    // Once the skin is known well, its color says nothing new.
    doubtful.seen(new SkinReading(doubtful.estimate().skinC()));
    doubtful.seen(new SkinReading(doubtful.estimate().skinC()));
    assertThat(doubtful.mostInformative(EnumSet.allOf(Look.class))).contains(Look.SHADOW);
    assertThat(heated(700).mostInformative(Set.of())).isEmpty();
    FollowedBar known =
        heated(new FollowedBar(STACK, 20, List.of(Sample.likely()), List.of()), 700);
    assertThat(known.mostInformative(EnumSet.allOf(Look.class))).isEmpty();
  }

  @Test
  void itTakesItsExposureAndForecasts() {
    FollowedBar f = heated(900);
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
