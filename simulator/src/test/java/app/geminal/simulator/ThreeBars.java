package app.geminal.simulator;

import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;

/**
 * How a bar was followed before: a likely one, a slow one and a quick one. Kept to compare with.
 */
final class ThreeBars {
  private final BarHeat likely;
  private final BarHeat slow;
  private final BarHeat quick;

  ThreeBars(BarHeat.Of of) {
    likely = new BarHeat(of, 20);
    slow = new BarHeat(of.withGap(of.gapWM2K() / 2), 20);
    quick = new BarHeat(of.withGap(of.gapWM2K() * 3), 20);
  }

  void turnedOver() {
    likely.turnedOver();
    slow.turnedOver();
    quick.turnedOver();
  }

  void advance(double seconds, double chamberC) {
    likely.advance(seconds, around(chamberC, 0.8, 30));
    slow.advance(seconds, around(chamberC, 0.7, 20));
    quick.advance(seconds, around(chamberC, 0.85, 40));
  }

  private static Surroundings around(double chamberC, double emissivity, double convectionWM2K) {
    return new Surroundings(
        chamberC, emissivity, convectionWM2K, Double.POSITIVE_INFINITY, FaceContact.FLOOR, null);
  }

  double coreC() {
    return likely.coreC();
  }

  double plusMinusC() {
    return Math.abs(quick.coreC() - slow.coreC()) / 2;
  }
}
