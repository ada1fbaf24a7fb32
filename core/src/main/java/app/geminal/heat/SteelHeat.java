package app.geminal.heat;

/**
 * How steel of about 0.8 % carbon takes up and passes on heat, against temperature. Straight lines
 * between tabulated points; the change to austenite and the loss of magnetism near 735 °C stand as
 * 80 kJ/kg spread over 705 to 765 °C. Within 10 % for plain and low-alloy steel from 20 to 1300 °C;
 * stainless conducts half as well below 800 °C.
 */
final class SteelHeat {
  private static final double[] CONDUCT_AT = {20, 500, 700, 800, 1000, 1200, 1400};
  private static final double[] CONDUCT_W_MK = {48, 36, 30, 25, 27, 29.6, 31};
  private static final double[] HOLD_AT = {20, 500, 700, 800, 1400};
  private static final double[] HOLD_J_KGK = {480, 650, 800, 630, 660};
  private static final double CHANGE_FROM_C = 705;
  private static final double CHANGE_TO_C = 765;
  private static final double CHANGE_J_KG = 80_000;

  /** With cold dimensions, kg/m³. */
  static final double DENSITY_KG_M3 = 7850;

  private SteelHeat() {}

  /** Conductivity, W/(m·K). */
  static double conductivity(double celsius) {
    return between(celsius, CONDUCT_AT, CONDUCT_W_MK);
  }

  /** Heat capacity with the change to austenite in it, J/(kg·K). */
  static double capacity(double celsius) {
    double plain = between(celsius, HOLD_AT, HOLD_J_KGK);
    return celsius > CHANGE_FROM_C && celsius < CHANGE_TO_C
        ? plain + CHANGE_J_KG / (CHANGE_TO_C - CHANGE_FROM_C)
        : plain;
  }

  private static double between(double x, double[] at, double[] value) {
    if (x <= at[0]) {
      return value[0];
    }
    for (int i = 1; i < at.length; i++) {
      if (x <= at[i]) {
        double part = (x - at[i - 1]) / (at[i] - at[i - 1]);
        return value[i - 1] + part * (value[i] - value[i - 1]);
      }
    }
    return value[value.length - 1];
  }
}
