package app.geminal.simulator;

import java.util.Random;

/**
 * How the joints of one stack and the hands that make it really are. Drawn on its own: it shares
 * nothing with what estimates them. The spreads are about those that are reported or believed; the
 * shapes are others on purpose.
 *
 * @param startUm oxide on each face when it is laid, times what the preparation leaves
 * @param gap width of the gaps, times what the preparation leaves
 * @param breathes depth to which air gets into a gap, in widths of it
 * @param growth of oxide in that flame, times what the books say
 * @param floorK where steel begins to bond, over the lower end of its welding heats, K
 * @param reduction that sets a joint, times what the books say
 * @param dispersesUm oxide that a face would take up if it were drawn out without end, µm
 * @param dissolvesUm oxide that one application of flux takes up, µm
 * @param fuelMin minutes at red until a fuel soak is burnt
 * @param slagS how long slag takes to get out from a depth of 1 mm at 1 MPa, s
 * @param splits squeeze that pulls an edge open, times the shop's limit
 * @param friction on the dies
 * @param tilt how much more one edge is squeezed than the middle, fraction
 * @param specks chance of a joint to have dirt in it
 */
public record TrueFaces(
    double startUm,
    double gap,
    double breathes,
    double growth,
    double floorK,
    double reduction,
    double dispersesUm,
    double dissolvesUm,
    double fuelMin,
    double slagS,
    double splits,
    double friction,
    double tilt,
    double specks) {
  private static final double CLEAN = 0.002;

  /** Half of a range by factors, as its logarithm: two triangles reach a third further. */
  private static final double TWOFOLD = Math.log(2.6);

  /** As they mostly are, without a speck. */
  static final TrueFaces USUAL =
      new TrueFaces(1, 1, 30, 1, -40, 1, 32, 50, 4, 0.004, 1.35, 0.35, 0, 0);

  /** One of many. */
  public static TrueFaces drawn(Random random) {
    return new TrueFaces(
        aboutOne(random, TWOFOLD),
        aboutOne(random, TWOFOLD),
        30 * aboutOne(random, TWOFOLD),
        aboutOne(random, TWOFOLD),
        -80 * random.nextDouble(),
        aboutOne(random, Math.log(1.4)),
        32 * aboutOne(random, TWOFOLD),
        50 * aboutOne(random, TWOFOLD),
        4 * aboutOne(random, TWOFOLD),
        0.004 * aboutOne(random, Math.log(4)),
        1 + 0.7 * random.nextDouble(),
        0.2 + 0.3 * random.nextDouble(),
        unevenness(random),
        CLEAN);
  }

  private static double unevenness(Random random) {
    double one = random.nextDouble();
    double other = random.nextDouble();
    return 0.18 * (one - other);
  }

  private static double aboutOne(Random random, double furthest) {
    double up = random.nextDouble();
    double down = random.nextDouble();
    return Math.exp(furthest * (up - down));
  }

  /** The same, edges opening at another squeeze, times the shop's limit. */
  TrueFaces opening(double at) {
    return new TrueFaces(
        startUm,
        gap,
        breathes,
        growth,
        floorK,
        reduction,
        dispersesUm,
        dissolvesUm,
        fuelMin,
        slagS,
        at,
        friction,
        tilt,
        specks);
  }
}
