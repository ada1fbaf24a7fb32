package app.geminal.simulator;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.following.FollowedBar;
import app.geminal.following.HeatCalibration;
import app.geminal.following.Interval;
import app.geminal.following.Place;
import app.geminal.following.ShopUnknown;
import app.geminal.following.Sighting.SkinReading;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Soak;
import app.geminal.shop.FacePrep;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * What shops learn of their forges, which were drawn by another hand: {@value #USUAL} shops, or as
 * many as {@code -Dgeminal.shops} says, {@value #USUAL_HEATS} heats each, or as many as {@code
 * -Dgeminal.heats} says. In every heat the skin is read twice by a thermometer in the hand: on the
 * way, and when it is ready.
 */
class CalibratedShopsTest {
  private static final int USUAL = 24;
  private static final int USUAL_HEATS = 10;
  private static final int HEATS = Integer.getInteger("geminal.heats", USUAL_HEATS);
  private static final double STEP_S = 5;
  private static final double LONGEST_S = 5400;
  private static final double IN_SIGHT_K = 120;
  private static final double THERMOMETER_K = 15;

  private static List<Shop> shops;

  /** A shop as it is, and what it has learned. */
  private static final class Shop {
    private final Random random;
    private final TrueShop truth;
    private final double firstC;
    private final double lastC;
    private HeatCalibration calibration = HeatCalibration.nothing();

    Shop(int number) {
      random = new Random(31L * number + 5);
      truth = new TrueShop(TrueHeat.drawn(random), 1);
      firstC = halfWidthByTheGauge();
      for (int heat = 0; heat < HEATS; heat++) {
        FollowedBar bar = followed(true);
        calibration = calibration.after(bar, FacePrep.GROUND);
      }
      lastC = halfWidthByTheGauge();
    }

    private double between(double from, double to) {
      return Many.between(random, from, to);
    }

    private double halfWidthByTheGauge() {
      List<FollowedBar> bars = IntStream.range(0, 3).mapToObj(_ -> followed(false)).toList();
      return Many.median(bars, bar -> bar.estimate().core().halfWidth());
    }

    /** A stack of this shop, followed until it is ready. */
    private FollowedBar followed(boolean isRead) {
      TrueHeat stack = truth.stack(random);
      BarHeat.Of of =
          BarHeat.Of.solid(between(25, 55), between(25, 75), between(100, 250))
              .loose(between(1.5, 8));
      double aimC = between(1150, 1200);
      double setC = aimC + Soak.CHAMBER_OVER_C;
      BarHeat real = stack.bar(of);
      SimulatedForge forge = new SimulatedForge(random.nextLong(), setC, setC);
      forge.offset(-truth.heat().gaugeOffsetC());
      forge.put(this, real, stack);
      FollowedBar bar = new FollowedBar(of, 20, calibration.ensemble(FacePrep.GROUND), List.of());
      bar.put(Place.FIRE);
      boolean isLeft = isRead;
      for (double s = STEP_S; s <= LONGEST_S && !isReady(bar, aimC); s += STEP_S) {
        forge.advance(STEP_S);
        bar.advance(STEP_S, forge.gaugeC());
        if (isLeft && bar.estimate().core().high() > aimC - IN_SIGHT_K) {
          read(bar, real.topSkinC(stack.chamber(forge.chamberC())));
          isLeft = false;
        }
      }
      if (isRead) {
        read(bar, real.topSkinC(stack.chamber(forge.chamberC())));
      }
      return bar;
    }

    private static boolean isReady(FollowedBar bar, double aimC) {
      return bar.chanceReady(aimC - 60) >= FollowedBar.SURE;
    }

    private void read(FollowedBar bar, double skinC) {
      bar.seen(new SkinReading(skinC + THERMOMETER_K * random.nextGaussian()));
    }

    boolean knows(ShopUnknown what, double truth) {
      Interval range = calibration.of(what);
      return range.low() <= truth && truth <= range.high();
    }
  }

  @BeforeAll
  static void learn() {
    shops =
        IntStream.range(0, Integer.getInteger("geminal.shops", USUAL))
            .parallel()
            .mapToObj(Shop::new)
            .toList();
  }

  private static double share(ShopUnknown what, ToDoubleFunction<Shop> truth) {
    return Many.share(shops, s -> s.knows(what, truth.applyAsDouble(s)));
  }

  @Test
  void afterTenHeatsTheGaugeAloneSaysTwiceAsMuch() {
    double first = Many.median(shops, s -> s.firstC);
    double last = Many.median(shops, s -> s.lastC);
    assertThat(last / first).as("from ± %s to ± %s °C", first, last).isLessThanOrEqualTo(0.6);
  }

  @Test
  void whatIsTrueIsWhereItIsSaidToBe() {
    Map<ShopUnknown, Double> shares =
        Map.of(
            ShopUnknown.CHAMBER_OFFSET,
            share(ShopUnknown.CHAMBER_OFFSET, s -> s.truth.heat().gaugeOffsetC()),
            ShopUnknown.EMISSIVITY,
            share(ShopUnknown.EMISSIVITY, s -> s.truth.heat().emissivity()),
            ShopUnknown.CONVECTION,
            share(ShopUnknown.CONVECTION, s -> s.truth.heat().convectionWM2K()),
            ShopUnknown.GAPS_GROUND,
            share(ShopUnknown.GAPS_GROUND, s -> s.truth.heat().gapWM2K()));
    assertThat(shares.values()).as("%s", shares).allMatch(share -> share >= 0.8);
  }
}
