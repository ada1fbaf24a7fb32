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
   * The temperature at a depth after so long, °C.
   *
   * @param beforeC what it was
   * @param depthMm under the face
   * @param seconds since the dies touched
   * @param contactWM2K conductance of the contact
   */
  static double after(double beforeC, double depthMm, double seconds, double contactWM2K) {
    if (seconds <= 0) {
      return beforeC;
    }
    double reach = Math.sqrt(DIFFUSIVITY_M2_S * seconds);
    double depth = depthMm / 1000 / (2 * reach);
    double taken = contactWM2K * reach / CONDUCTIVITY_W_MK;
    double lost =
        ErrorFunction.erfc(depth)
            - Math.exp(contactWM2K * depthMm / 1000 / CONDUCTIVITY_W_MK + taken * taken)
                * ErrorFunction.erfc(depth + taken);
    double dies = FaceContact.COLD_DIE.celsius();
    return beforeC - (beforeC - dies) * Math.clamp(lost, 0, 1);
  }
}
