package app.geminal.weldmap;

import app.geminal.heat.FaceContact;
import org.ojalgo.function.special.ErrorFunction;

/**
 * How much cold dies have cooled a place under the face: a thick body touched by something of one
 * temperature across a contact (after Carslaw and Jaeger 1959, 2.7). Austenite at 1100 °C.
 */
final class DieChill {
  private static final double CONDUCTIVITY_W_MK = 28;
  private static final double DIFFUSIVITY_M2_S = 5.6e-6;

  private DieChill() {}

  /**
   * How far a place at a depth has come towards the dies' own temperature, 0 to 1; the same
   * whatever it was at.
   *
   * @param depthMm under the face
   * @param seconds since the dies touched
   * @param contactWM2K conductance of the contact
   */
  static double share(double depthMm, double seconds, double contactWM2K) {
    if (seconds <= 0) {
      return 0;
    }
    double reach = Math.sqrt(DIFFUSIVITY_M2_S * seconds);
    double depth = depthMm / 1000 / (2 * reach);
    double taken = contactWM2K * reach / CONDUCTIVITY_W_MK;
    double lost =
        ErrorFunction.erfc(depth)
            - Math.exp(contactWM2K * depthMm / 1000 / CONDUCTIVITY_W_MK + taken * taken)
                * ErrorFunction.erfc(depth + taken);
    return Math.clamp(lost, 0, 1);
  }

  /** The temperature of a place that was at {@code beforeC}, °C. */
  static double after(double beforeC, double share) {
    return beforeC - (beforeC - FaceContact.COLD_DIE.celsius()) * share;
  }
}
