package app.geminal.following;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.following.Sighting.SkinReading;
import app.geminal.heat.BarHeat;
import app.geminal.shop.FacePrep;
import app.geminal.validation.InvalidValue;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class HeatCalibrationTest {
  private static final BarHeat.Of STACK = BarHeat.Of.solid(30, 30, 100).loose(3);
  private static final BarHeat.Of THICK = BarHeat.Of.solid(60, 60, 100).loose(3);
  private static final double GAUGE_C = 1200;
  private static final FacePrep GROUND = FacePrep.GROUND;
  private static final double HOUR_S = 3600;

  /** A stack of these faces is as a rule as hot inside as outside by then. */
  private static final double LATE_S = 900;

  /** A stack an hour in the fire, as hot as the chamber, and what a thermometer says of it. */
  private static HeatCalibration after(HeatCalibration before, double... skinC) {
    FollowedBar bar = new FollowedBar(STACK, 20, before.ensemble(GROUND), List.of());
    bar.put(Place.FIRE);
    bar.advance(HOUR_S, GAUGE_C);
    for (double celsius : skinC) {
      bar.seen(new SkinReading(celsius));
    }
    return before.after(bar, GROUND);
  }

  private static double width(HeatCalibration calibration, ShopUnknown what) {
    Interval range = calibration.of(what);
    return range.high() - range.low();
  }

  @ParameterizedTest
  @EnumSource
  void whereNothingIsKnownTheNextStackMayBeAsAnyStack(Unknown what) {
    List<Sample> next = HeatCalibration.nothing().ensemble(GROUND);
    for (int i = 0; i < next.size(); i++) {
      double usual = what.range().score(Sample.ensemble().get(i).get(what));
      assertThat(what.range().score(next.get(i).get(what))).isCloseTo(usual, within(1e-9));
    }
  }

  @Test
  void aForgeThatIsHotterThanItsGaugeSaysIsFoundOut() {
    HeatCalibration once = after(HeatCalibration.nothing(), GAUGE_C + 20);
    HeatCalibration tenTimes = once;
    for (int heat = 1; heat < 10; heat++) {
      tenTimes = after(tenTimes, GAUGE_C + 20);
    }
    assertThat(tenTimes.heats()).isEqualTo(10);
    assertThat(once.of(ShopUnknown.CHAMBER_OFFSET).middle()).isBetween(5.0, 15.0);
    assertThat(tenTimes.of(ShopUnknown.CHAMBER_OFFSET).middle()).isCloseTo(20, within(5.0));
    assertThat(width(tenTimes, ShopUnknown.CHAMBER_OFFSET))
        .isLessThan(0.7 * width(once, ShopUnknown.CHAMBER_OFFSET));
  }

  /** Steel that has soaked for an hour is as hot as the chamber whatever its gaps are. */
  @Test
  void whatDoesNotShowIsNotLearned() {
    HeatCalibration calibration = after(HeatCalibration.nothing(), GAUGE_C);
    assertThat(width(calibration, ShopUnknown.DIE_CONTACT))
        .isCloseTo(width(HeatCalibration.nothing(), ShopUnknown.DIE_CONTACT), within(1500.0));
    assertThat(Math.log(calibration.of(ShopUnknown.GAPS_GROUND).middle()))
        .isCloseTo(
            Math.log(HeatCalibration.nothing().of(ShopUnknown.GAPS_GROUND).middle()), within(0.2));
  }

  /** Chance in so few members would move it, a little in every heat. */
  @Test
  void whatDoesNotShowIsNotLearnedInThirtyHeatsEither() {
    HeatCalibration calibration = HeatCalibration.nothing();
    for (int heat = 0; heat < 30; heat++) {
      calibration = after(calibration, GAUGE_C + 20);
    }
    for (ShopUnknown none : List.of(ShopUnknown.CONVECTION, ShopUnknown.DIE_CONTACT)) {
      assertThat(calibration.middle(none)).isCloseTo(0, within(0.25));
      assertThat(calibration.spread(none, none)).isCloseTo(1, within(0.4));
    }
  }

  /** Gaps of another stack are another matter: less is known of the next than of the usual. */
  @Test
  void theNextStackIsLessCertainThanWhatIsUsual() {
    HeatCalibration calibration = HeatCalibration.nothing();
    Interval usual = calibration.of(ShopUnknown.GAPS_GROUND);
    long outside =
        calibration.ensemble(GROUND).stream()
            .mapToDouble(s -> s.get(Unknown.GAP_CONDUCTANCE))
            .filter(gap -> gap < usual.low() || gap > usual.high())
            .count();
    assertThat(outside).isBetween(8L, 12L);
  }

  @Test
  void whatIsNotSeenAgainIsForgotten() {
    HeatCalibration calibration = HeatCalibration.nothing();
    for (int heat = 0; heat < 5; heat++) {
      calibration = after(calibration, GAUGE_C + 20);
    }
    HeatCalibration later = calibration;
    for (int heat = 0; heat < 50; heat++) {
      later = after(later);
    }
    assertThat(later.of(ShopUnknown.CHAMBER_OFFSET).middle())
        .isLessThan(0.8 * calibration.of(ShopUnknown.CHAMBER_OFFSET).middle());
    assertThat(width(later, ShopUnknown.CHAMBER_OFFSET))
        .isGreaterThan(width(calibration, ShopUnknown.CHAMBER_OFFSET));
  }

  @Test
  void theSameHeatsTeachTheSame() {
    Interval once = after(HeatCalibration.nothing(), GAUGE_C + 7).of(ShopUnknown.EMISSIVITY);
    assertThat(after(HeatCalibration.nothing(), GAUGE_C + 7).of(ShopUnknown.EMISSIVITY))
        .isEqualTo(once);
  }

  /** Ground faces say nothing of faces as found. */
  @Test
  void gapsAreLearnedForFacesOfTheirKind() {
    FollowedBar bar =
        new FollowedBar(
            THICK, 20, HeatCalibration.nothing().ensemble(FacePrep.AS_FOUND), List.of());
    bar.put(Place.FIRE);
    bar.advance(LATE_S, GAUGE_C);
    bar.seen(Sighting.Sign.SHADOW);
    HeatCalibration calibration = HeatCalibration.nothing().after(bar, FacePrep.AS_FOUND);
    assertThat(calibration.middle(ShopUnknown.GAPS_AS_FOUND)).isLessThan(-0.1);
    assertThat(calibration.middle(ShopUnknown.GAPS_GROUND)).isZero();
  }

  @Test
  void aGaugeThatIsCorrectedIsNotCorrectedTwice() {
    HeatCalibration calibration = after(HeatCalibration.nothing(), GAUGE_C + 20);
    Interval before = calibration.of(ShopUnknown.CHAMBER_OFFSET);
    Interval left = calibration.corrected(before.middle()).of(ShopUnknown.CHAMBER_OFFSET);
    assertThat(left.middle()).isCloseTo(0, within(1e-9));
    assertThat(left.high() - left.low()).isCloseTo(before.high() - before.low(), within(1e-9));
    assertThat(calibration.corrected(5).of(ShopUnknown.EMISSIVITY))
        .isEqualTo(calibration.of(ShopUnknown.EMISSIVITY));
  }

  /** A later release that knows of more keeps what an earlier one had learned. */
  @Test
  void whatIsKeptIsReadAgain() {
    HeatCalibration calibration = after(after(HeatCalibration.nothing(), GAUGE_C + 20), GAUGE_C);
    List<ShopUnknown> known = List.of(ShopUnknown.CHAMBER_OFFSET, ShopUnknown.EMISSIVITY);
    HeatCalibration kept =
        HeatCalibration.kept(
            calibration.heats(),
            known,
            known.stream().map(calibration::middle).toList(),
            known.stream()
                .map(one -> known.stream().map(other -> calibration.spread(one, other)).toList())
                .toList());
    assertThat(kept.heats()).isEqualTo(2);
    assertThat(kept.of(ShopUnknown.EMISSIVITY)).isEqualTo(calibration.of(ShopUnknown.EMISSIVITY));
    assertThat(kept.of(ShopUnknown.CONVECTION))
        .isEqualTo(HeatCalibration.nothing().of(ShopUnknown.CONVECTION));
  }

  @Test
  void whatCannotBeASpreadIsRefused() {
    List<ShopUnknown> one = List.of(ShopUnknown.EMISSIVITY);
    assertThatThrownBy(() -> HeatCalibration.kept(1, one, List.of(0.0), List.of(List.of(-0.5))))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(
            () -> HeatCalibration.kept(1, one, List.of(Double.NaN), List.of(List.of(0.5))))
        .isInstanceOf(InvalidValue.class);
  }
}
