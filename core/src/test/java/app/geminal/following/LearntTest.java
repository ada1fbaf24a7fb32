package app.geminal.following;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.following.Sighting.SkinReading;
import app.geminal.heat.BarHeat;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LearntTest {
  private static final BarHeat.Of STACK = BarHeat.Of.solid(30, 30, 100).loose(3);
  private static final double GAUGE_C = 1200;
  private static final double HOUR_S = 3600;

  /** A stack an hour in the fire, as hot as the chamber, and what a thermometer says of it. */
  private static Learnt after(Learnt before, double... skinC) {
    FollowedBar bar = new FollowedBar(STACK, 20, before.ensemble(), List.of());
    bar.put(Place.FIRE);
    bar.advance(HOUR_S, GAUGE_C);
    for (double celsius : skinC) {
      bar.seen(new SkinReading(celsius));
    }
    return before.after(bar);
  }

  private static double width(Learnt learnt, Unknown what) {
    Interval range = learnt.of(what);
    return range.high() - range.low();
  }

  @ParameterizedTest
  @EnumSource
  void whereNothingIsKnownTheNextStackMayBeAsAnyStack(Unknown what) {
    List<Sample> next = Learnt.nothing().ensemble();
    for (int i = 0; i < next.size(); i++) {
      double usual = what.range().score(Sample.ensemble().get(i).get(what));
      assertThat(what.range().score(next.get(i).get(what))).isCloseTo(usual, within(1e-9));
    }
  }

  @Test
  void aForgeThatIsHotterThanItsGaugeSaysIsFoundOut() {
    Learnt once = after(Learnt.nothing(), GAUGE_C + 20);
    Learnt tenTimes = once;
    for (int heat = 1; heat < 10; heat++) {
      tenTimes = after(tenTimes, GAUGE_C + 20);
    }
    assertThat(tenTimes.heats()).isEqualTo(10);
    assertThat(once.of(Unknown.CHAMBER_OFFSET).middle()).isBetween(5.0, 15.0);
    assertThat(tenTimes.of(Unknown.CHAMBER_OFFSET).middle()).isCloseTo(20, within(5.0));
    assertThat(width(tenTimes, Unknown.CHAMBER_OFFSET))
        .isLessThan(0.7 * width(once, Unknown.CHAMBER_OFFSET));
  }

  /** Steel that has soaked for an hour is as hot as the chamber whatever its gaps are. */
  @Test
  void whatDoesNotShowIsNotLearnt() {
    Learnt learnt = after(Learnt.nothing(), GAUGE_C);
    assertThat(width(learnt, Unknown.DIE_CONTACT))
        .isCloseTo(width(Learnt.nothing(), Unknown.DIE_CONTACT), within(1500.0));
    assertThat(Math.log(learnt.of(Unknown.GAP_CONDUCTANCE).middle()))
        .isCloseTo(Math.log(Learnt.nothing().of(Unknown.GAP_CONDUCTANCE).middle()), within(0.2));
  }

  /** Gaps of another stack are another matter: less is known of the next than of the usual. */
  @Test
  void theNextStackIsLessCertainThanWhatIsUsual() {
    Learnt learnt = Learnt.nothing();
    Interval usual = learnt.of(Unknown.GAP_CONDUCTANCE);
    long outside =
        learnt.ensemble().stream()
            .mapToDouble(s -> s.get(Unknown.GAP_CONDUCTANCE))
            .filter(gap -> gap < usual.low() || gap > usual.high())
            .count();
    assertThat(outside).isBetween(8L, 12L);
  }

  @Test
  void whatIsNotSeenAgainIsForgotten() {
    Learnt learnt = Learnt.nothing();
    for (int heat = 0; heat < 5; heat++) {
      learnt = after(learnt, GAUGE_C + 20);
    }
    Learnt later = learnt;
    for (int heat = 0; heat < 50; heat++) {
      later = after(later);
    }
    assertThat(later.of(Unknown.CHAMBER_OFFSET).middle())
        .isLessThan(0.8 * learnt.of(Unknown.CHAMBER_OFFSET).middle());
    assertThat(width(later, Unknown.CHAMBER_OFFSET))
        .isGreaterThan(width(learnt, Unknown.CHAMBER_OFFSET));
  }

  @Test
  void theSameHeatsTeachTheSame() {
    Interval once = after(Learnt.nothing(), GAUGE_C + 7).of(Unknown.EMISSIVITY);
    assertThat(after(Learnt.nothing(), GAUGE_C + 7).of(Unknown.EMISSIVITY)).isEqualTo(once);
  }
}
