package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.heat.Diffusion;
import app.geminal.heat.Homogenization;
import app.geminal.shop.ShopDefaults;

/** How far carbon evens out between the layers in the fire that a plan gives them. */
final class CarbonHomogenization {
  /** Carbon diffuses a little faster where there is more of it; blade steels lie about here. */
  private static final double MIDDLE_CARBON = 0.7;

  private static final double LEAST_C = 800;
  private static final double MM2_PER_M2 = 1e6;

  private CarbonHomogenization() {}

  /**
   * Part of the first difference that is left at the end, 0 to 1: every step in the fire at its
   * heat and time, each at the mean layer the bar has then.
   */
  static double carbonApart(Run run, ShopDefaults defaults) {
    double fourier = 0;
    for (Stage stage : run.stages()) {
      if (stage.isOff() || stage.bars().count() == 0) {
        continue;
      }
      fourier +=
          stage
              .step()
              .flatMap(step -> step.operation().atHeat(defaults))
              .map(heat -> part(stage.bars(), heat.celsius(), heat.minutes()))
              .orElse(0.0);
    }
    return Homogenization.differenceLeft(fourier);
  }

  private static double part(Bars bars, double celsius, double minutes) {
    if (celsius < LEAST_C) {
      return 0;
    }
    double layerMm = bars.layers().thicknessMm() / bars.visibleCount();
    return Diffusion.carbonM2PerS(MIDDLE_CARBON, celsius)
        * minutes
        * 60
        * MM2_PER_M2
        / (layerMm * layerMm);
  }
}
