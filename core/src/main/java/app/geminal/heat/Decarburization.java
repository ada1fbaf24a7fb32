package app.geminal.heat;

import app.geminal.numeric.Border;
import app.geminal.validation.Require;
import org.ojalgo.function.special.ErrorFunction;

/**
 * How deep the fire has taken carbon out of a face.
 *
 * <p>Without scale {@code C(x) = Cs + (C₀ − Cs)·erf(x/2√(Dt))}; where scale eats the face at the
 * same time, after Birks and Jackson (1970), x from where the face was: {@code (C₀ − C)/(C₀ − Cs) =
 * erfc(x/2√(Dt)) / erfc(X/2√(Dt))}, X what scale has eaten. A richer flame therefore scales less
 * and leaves a deeper soft skin. D after Tibbetts (1980); ±30 %.
 */
public final class Decarburization {
  /** What a scaling face holds, mass %; 0.02 to 0.1 by the balance of CO with wüstite. */
  private static final double FACE_CARBON = 0.05;

  /**
   * Carbon that its diffusivity is asked with in the skin: half-way between the face and a blade
   * steel, mass %. With all the steel's carbon the skin would come out about 11 % too deep.
   */
  public static final double SKIN_CARBON = 0.4;

  /** A skin counts as soft up to where so much of the steel's carbon is left. */
  public static final double STILL_HARD = 0.9;

  private static final double SLACK = 1e-6;

  private Decarburization() {}

  /**
   * Depth under the face as it is now, to where so much of the steel's carbon is left, mm.
   *
   * @param carbon of the steel, mass %, 0.1 to 2
   * @param diffusionIntegralM2 D·t, or its integral over a changing heat, m²
   * @param eatenMm what scale has eaten, mm
   * @param left part of the carbon, 0.1 to 0.99
   */
  public static double depthMm(
      double carbon, double diffusionIntegralM2, double eatenMm, double left) {
    Require.number("left", left, 0.1, 0.99);
    double root = 2 * Math.sqrt(diffusionIntegralM2) * 1000;
    if (root < SLACK || carbon <= FACE_CARBON) {
      return 0;
    }
    double wanted = (1 - left) * carbon / (carbon - FACE_CARBON);
    double there = wanted * ErrorFunction.erfc(eatenMm / root);
    return Math.max(0, inverseErfc(there) * root - eatenMm);
  }

  private static double inverseErfc(double value) {
    return Border.between(0, 6, SLACK, at -> ErrorFunction.erfc(at) > value).middle();
  }
}
