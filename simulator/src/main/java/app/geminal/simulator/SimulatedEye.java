package app.geminal.simulator;

import app.geminal.following.Look;
import app.geminal.following.Sighting;
import app.geminal.following.Sighting.Sign;
import app.geminal.following.Sighting.SkinColor;
import java.util.Random;

/**
 * An apprentice who says what is to be seen of a bar: with a bias of their own, in steps of the
 * color table, now and then mistaken.
 */
public final class SimulatedEye {
  private static final double BIAS_K = 12;
  private static final double UNSURE_K = 18;
  private static final double COLOR_STEP_C = 50;
  private static final double MISTAKEN = 0.04;
  private static final double SHADOW_FROM_K = 22;
  private static final double SHADOW_SPAN_K = 16;
  private static final double CLEAR_C = 900;
  private static final double SMOKES_C = 1150;
  private static final double FLUX_K = 30;

  private final Random random;
  private final double biasK;
  private final double shadowK;
  private final double fluxK;

  /** One of many apprentices. */
  public SimulatedEye(Random random) {
    this.random = random;
    this.biasK = BIAS_K * random.nextGaussian();
    this.shadowK = SHADOW_FROM_K + SHADOW_SPAN_K * random.nextDouble();
    this.fluxK = FLUX_K * random.nextGaussian();
  }

  /** What they say after a look. */
  public Sighting look(Look at, double skinC, double coreC) {
    return switch (at) {
      case SHADOW ->
          skinC - coreC > shadowK ^ random.nextDouble() < MISTAKEN ? Sign.SHADOW : Sign.NO_SHADOW;
      case FLUX -> flux(skinC + fluxK + FLUX_K / 2 * random.nextGaussian());
      case COLOR -> {
        double seen = skinC + biasK + UNSURE_K * random.nextGaussian();
        yield new SkinColor(COLOR_STEP_C * Math.round(seen / COLOR_STEP_C));
      }
    };
  }

  private static Sign flux(double seemsC) {
    if (seemsC < CLEAR_C) {
      return Sign.FLUX_MELTS;
    }
    return seemsC < SMOKES_C ? Sign.FLUX_CLEAR : Sign.FLUX_SMOKES;
  }
}
