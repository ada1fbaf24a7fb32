package app.geminal.simulator;

import app.geminal.heat.BarHeat;
import app.geminal.heat.FaceContact;
import app.geminal.heat.Surroundings;
import java.util.Random;

/**
 * How one stack and one forge really are, as no one at the fire can know. Drawn on its own: it
 * shares nothing with what estimates them but the conduction of heat in steel.
 *
 * <p>The spreads are those that are reported of such stacks and forges; their shapes are others
 * than the estimate's on purpose.
 *
 * @param gapWM2K conductance of the gaps, W/(m²·K): nine in ten from 300 to 5000, in a triangle
 * @param emissivity of the scaled steel: nine in ten from 0.70 to 0.85, all alike
 * @param convectionWM2K of the flame: nine in ten from 20 to 40, all alike
 * @param gaugeOffsetC how much the gauge says too little, K: mostly within 25, one in twenty a good
 *     deal more
 */
public record TrueHeat(
    double gapWM2K, double emissivity, double convectionWM2K, double gaugeOffsetC) {
  private static final double GAP_MIDDLE = 1225;
  private static final double GAP_FURTHEST = Math.log(7.85);
  private static final double EMISSIVITY_LEAST = 0.692;
  private static final double EMISSIVITY_SPAN = 0.167;
  private static final double CONVECTION_LEAST = 19;
  private static final double CONVECTION_SPAN = 22;
  private static final double OFFSET_K = 14;
  private static final double OFFSET_OF_BAD_GAUGES_K = 28;
  private static final double BAD_GAUGES = 0.05;

  /** A sound stack and forge, and a gauge that is right. */
  static final TrueHeat USUAL = new TrueHeat(1000, 0.78, 30, 0);

  /** The same with a gauge that says so much too much, K. */
  TrueHeat reading(double tooMuchC) {
    return new TrueHeat(gapWM2K, emissivity, convectionWM2K, -tooMuchC);
  }

  /** One of many. */
  public static TrueHeat drawn(Random random) {
    double up = random.nextDouble();
    double down = random.nextDouble();
    double off = random.nextDouble() < BAD_GAUGES ? OFFSET_OF_BAD_GAUGES_K : OFFSET_K;
    return new TrueHeat(
        GAP_MIDDLE * Math.exp(GAP_FURTHEST * (up - down)),
        EMISSIVITY_LEAST + EMISSIVITY_SPAN * random.nextDouble(),
        CONVECTION_LEAST + CONVECTION_SPAN * random.nextDouble(),
        off * random.nextGaussian());
  }

  /** The stack as it really is, cold. */
  public BarHeat bar(BarHeat.Of of) {
    return new BarHeat(of.withGap(gapWM2K), 20);
  }

  /** What is really round it in the chamber. */
  public Surroundings chamber(double celsius) {
    return new Surroundings(
        celsius, emissivity, convectionWM2K, Double.POSITIVE_INFINITY, FaceContact.FLOOR, null);
  }
}
