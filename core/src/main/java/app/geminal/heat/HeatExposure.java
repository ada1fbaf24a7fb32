package app.geminal.heat;

import app.geminal.units.QuantityKind;
import app.geminal.validation.Require;

/**
 * What the fire has taken from a bar so far, added up over a planned or logged history: scale on
 * its faces, carbon out of its skin, grain, and carbon between its layers.
 *
 * <p>Scale grows by the parabola of {@link Scale} from the last time it came off, so brushing and
 * squeezing cost steel; carbon diffuses all the time. Between two moments the heat is taken as
 * steady. Immutable; every step gives a new one.
 *
 * @param eatenMm steel gone from every face before the scale that is on it now
 * @param scaleM2 square of the scale there would be on pure iron in air since it was last clean
 * @param diffusionIntegralM2 integral of carbon's diffusivity in the skin
 * @param evenedM2 the same in the middle, for layers
 * @param grainUm in the skin since the last forging
 * @param hotS seconds above 1000 °C in the skin
 */
public record HeatExposure(
    double eatenMm,
    double scaleM2,
    double diffusionIntegralM2,
    double evenedM2,
    double grainUm,
    double hotS) {
  /**
   * Carbon that its diffusivity is asked with between layers: the middle of blade steels, mass %.
   */
  private static final double MIDDLE_CARBON = 0.8;

  private static final double DIFFUSES_FROM_C = 750;
  private static final double HOT_C = 1000;
  private static final double METAL_PER_SCALE_MM = 550;

  /** Nothing yet. */
  public static final HeatExposure NONE = new HeatExposure(0, 0, 0, 0, Grain.USUAL_UM, 0);

  /**
   * So much more time.
   *
   * @param skinC of the faces
   * @param coreC of the middle
   */
  public HeatExposure plus(double seconds, double skinC, double coreC) {
    Require.quantity(QuantityKind.TIME, "seconds", seconds, 0, 1e7);
    boolean scales = skinC >= Scale.LEAST_C;
    return new HeatExposure(
        eatenMm,
        scaleM2 + (scales ? Scale.rateM2PerS(skinC) * seconds : 0),
        diffusionIntegralM2 + diffusivityM2S(Decarburization.SKIN_CARBON, skinC) * seconds,
        evenedM2 + diffusivityM2S(MIDDLE_CARBON, coreC) * seconds,
        Grain.grownUm(grainUm, skinC, seconds),
        hotS + (skinC >= HOT_C ? seconds : 0));
  }

  private static double diffusivityM2S(double carbon, double celsius) {
    return celsius < DIFFUSES_FROM_C ? 0 : Diffusion.carbonM2PerS(carbon, celsius);
  }

  /** The scale has come off: brushed, or thrown off by the press. */
  public HeatExposure clean(Atmosphere flame) {
    return new HeatExposure(scaleMm(flame), 0, diffusionIntegralM2, evenedM2, grainUm, hotS);
  }

  /** It was forged: grain begins again. */
  public HeatExposure forged() {
    return new HeatExposure(eatenMm, scaleM2, diffusionIntegralM2, evenedM2, Grain.USUAL_UM, hotS);
  }

  /** Steel gone from every face, what is in the scale on it included, mm. */
  public double scaleMm(Atmosphere flame) {
    return eatenMm + Math.sqrt(scaleM2) * METAL_PER_SCALE_MM * flame.scaleFactor();
  }

  /** Under the face as it is now, to where nine tenths of the carbon are left, mm. */
  public double decarbDepthMm(double carbon, Atmosphere flame) {
    return Decarburization.depthMm(
        carbon, diffusionIntegralM2, scaleMm(flame), Decarburization.STILL_HARD);
  }

  /** Part of the difference in carbon left between the middles of equal layers, 0 to 1. */
  public double carbonDifferenceLeft(double layerMm) {
    return Homogenization.differenceLeft(layerMm, evenedM2, 1);
  }
}
