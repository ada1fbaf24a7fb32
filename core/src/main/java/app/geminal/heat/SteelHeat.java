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

  /** Both are asked millions of times in one soak, so they are tabulated once. */
  private static final double TABLE_STEP_C = 2;

  private static final double[] CONDUCT_TABLE = table(CONDUCT_AT, CONDUCT_W_MK);
  private static final double[] HOLD_TABLE = withChange(table(HOLD_AT, HOLD_J_KGK));

  private SteelHeat() {}

  /** Conductivity, W/(m·K); to the nearest 2 °C. */
  static double conductivity(double celsius) {
    return CONDUCT_TABLE[index(celsius)];
  }

  /** Heat capacity with the change to austenite in it, J/(kg·K); to the nearest 2 °C. */
  static double capacity(double celsius) {
    return HOLD_TABLE[index(celsius)];
  }

  private static int index(double celsius) {
    return (int) Math.clamp(celsius / TABLE_STEP_C + 0.5, 0, 800);
  }

  private static double[] table(double[] at, double[] value) {
    double[] table = new double[801];
    for (int i = 0; i < table.length; i++) {
      table[i] = between(i * TABLE_STEP_C, at, value);
    }
    return table;
  }

  private static double[] withChange(double[] table) {
    for (int i = 0; i < table.length; i++) {
      double celsius = i * TABLE_STEP_C;
      if (celsius > CHANGE_FROM_C && celsius < CHANGE_TO_C) {
        table[i] += CHANGE_J_KG / (CHANGE_TO_C - CHANGE_FROM_C);
      }
    }
    return table;
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
