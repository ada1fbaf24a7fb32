package app.geminal.simulator;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.following.HeatCalibration;
import app.geminal.following.Interval;
import app.geminal.following.ShopUnknown;
import app.geminal.simulator.TrueWeld.Squeezed;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * What the gauge of the press says of the core, in shops that were drawn by another hand: {@value
 * #USUAL} of them, or as many as {@code -Dgeminal.shops} says, of {@value #WELDS} welds each.
 * Nothing else is seen of the bars.
 */
class SqueezedHeatsTest {
  private static final int USUAL = 24;
  private static final int WELDS = 6;

  private static List<Shop> shops;

  /**
   * One shop.
   *
   * @param first squeezes of its first weld, by the gauge of the press
   * @param firstUnseen the same without it
   * @param next of the weld after those it has learned from
   * @param nextUnseen the same without it
   */
  private record Shop(
      TrueShop truth,
      HeatCalibration learned,
      List<Squeezed> first,
      List<Squeezed> firstUnseen,
      List<Squeezed> next,
      List<Squeezed> nextUnseen) {

    static Shop of(int number) {
      TrueShop truth = TrueShop.drawn(new Random(11L * number));
      int stack = 100 * number;
      HeatCalibration nothing = HeatCalibration.nothing();
      HeatCalibration learned = nothing;
      for (int weld = 0; weld < WELDS; weld++) {
        learned = TrueWeld.gauged(truth, stack + weld, true, learned).after(learned);
      }
      return new Shop(
          truth,
          learned,
          TrueWeld.gauged(truth, stack, true, nothing).squeezes(),
          TrueWeld.gauged(truth, stack, false, nothing).squeezes(),
          TrueWeld.gauged(truth, stack + WELDS, true, learned).squeezes(),
          TrueWeld.gauged(truth, stack + WELDS, false, learned).squeezes());
    }

    Interval range() {
      return learned.of(ShopUnknown.FLOW_STRESS);
    }

    boolean knows() {
      return range().low() <= truth.resists() && truth.resists() <= range().high();
    }
  }

  @BeforeAll
  static void weld() {
    shops =
        IntStream.range(0, Integer.getInteger("geminal.shops", USUAL))
            .parallel()
            .mapToObj(Shop::of)
            .toList();
  }

  private static double halfWidthC(Function<Shop, List<Squeezed>> which) {
    return Many.median(all(which), s -> s.said().halfWidth());
  }

  private static double holds(Function<Shop, List<Squeezed>> which) {
    return Many.share(all(which), Squeezed::holds);
  }

  private static List<Squeezed> all(Function<Shop, List<Squeezed>> which) {
    return shops.stream().map(which).flatMap(List::stream).toList();
  }

  /**
   * Not by much: the force says how hot the whole section is, and only as well as it is known how
   * hard that steel resists. In a shop that has learned from six welds it mostly says again what it
   * said before, and that is in the next core already.
   */
  @Test
  void theForceOfASqueezeNarrowsTheCoreAndItIsStillThere() {
    assertThat(halfWidthC(Shop::first)).isLessThan(0.99 * halfWidthC(Shop::firstUnseen));
    assertThat(halfWidthC(Shop::next)).isLessThan(0.95 * halfWidthC(Shop::first));
    assertThat(halfWidthC(Shop::nextUnseen)).isLessThan(0.95 * halfWidthC(Shop::firstUnseen));
    assertThat(holds(Shop::first)).isGreaterThan(0.87);
    assertThat(holds(Shop::next)).isGreaterThan(0.87);
  }

  @Test
  void afterSixWeldsAShopKnowsHowHardItsSteelResists() {
    double before = HeatCalibration.nothing().of(ShopUnknown.FLOW_STRESS).halfWidth();
    assertThat(Many.median(shops, s -> s.range().halfWidth())).isLessThan(0.5 * before);
    assertThat(Many.share(shops, Shop::knows)).isGreaterThanOrEqualTo(0.75);
  }
}
