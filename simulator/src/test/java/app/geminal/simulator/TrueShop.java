package app.geminal.simulator;

import java.util.Random;

/**
 * One shop as it is, heat after heat.
 *
 * @param heat how its forge heats a stack with the gaps that are usual in it
 * @param resists how hard steel resists by the gauge of its press, times what is believed
 */
record TrueShop(TrueHeat heat, double resists) {
  /** The gaps of a stack are up to so many times as good, or as bad, as is usual in its shop. */
  private static final double STACK = Math.E;

  /** One of many. */
  static TrueShop drawn(Random random) {
    return new TrueShop(TrueHeat.drawn(random), SimulatedPress.resists(random));
  }

  /** A stack in its forge. */
  TrueHeat stack(Random random) {
    double gap = heat.gapWM2K() * Math.pow(STACK, random.nextDouble() - random.nextDouble());
    return new TrueHeat(gap, heat.emissivity(), heat.convectionWM2K(), heat.gaugeOffsetC());
  }
}
