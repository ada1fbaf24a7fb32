package app.geminal.heat;

/**
 * How steel of about 0.8 % carbon takes up and passes on heat, against temperature. Straight lines
 * between tabulated points; the change to austenite and the loss of magnetism near 735 °C stand as
 * 80 kJ/kg spread over 705 to 765 °C. Within 10 % for plain and low-alloy steel from 20 to 1300 °C;
 * stainless conducts half as well below 800 °C.
 */
final class SteelHeat implements Material {
  private static final double[] CONDUCT_AT = {20, 500, 700, 800, 1000, 1200, 1400};
  private static final double[] CONDUCT_W_MK = {48, 36, 30, 25, 27, 29.6, 31};
  private static final double[] HOLD_AT = {20, 500, 700, 800, 1400};
  private static final double[] HOLD_J_KGK = {480, 650, 800, 630, 660};
  private static final double CHANGE_FROM_C = 705;
  private static final double CHANGE_TO_C = 765;
  private static final double CHANGE_J_KG = 80_000;

  /** With cold dimensions, kg/m³. */
  static final double DENSITY_KG_M3 = 7850;

  /** Everything is asked millions of times in one soak, so it is tabulated once. */
  private static final double STEP_C = 2;

  private static final int ROWS = 851;
  private static final double STEP_J_KG = 1000;

  /** Stateless; after the tables it is made from. */
  static final SteelHeat STEEL = new SteelHeat();

  private final double[] conduct = new double[ROWS];
  private final double[] hold = new double[ROWS];
  private final double[] content = new double[ROWS];
  private final double[] celsiusAt;

  private SteelHeat() {
    for (int i = 0; i < ROWS; i++) {
      double celsius = i * STEP_C;
      conduct[i] = between(celsius, CONDUCT_AT, CONDUCT_W_MK);
      boolean changing = celsius > CHANGE_FROM_C && celsius < CHANGE_TO_C;
      hold[i] =
          between(celsius, HOLD_AT, HOLD_J_KGK)
              + (changing ? CHANGE_J_KG / (CHANGE_TO_C - CHANGE_FROM_C) : 0);
      content[i] = i == 0 ? 0 : content[i - 1] + STEP_C * (hold[i - 1] + hold[i]) / 2;
    }
    celsiusAt = new double[(int) (content[ROWS - 1] / STEP_J_KG) + 1];
    int row = 0;
    for (int i = 0; i < celsiusAt.length; i++) {
      double wanted = i * STEP_J_KG;
      while (row < ROWS - 2 && content[row + 1] < wanted) {
        row++;
      }
      double part = (wanted - content[row]) / (content[row + 1] - content[row]);
      celsiusAt[i] = STEP_C * (row + part);
    }
  }

  @Override
  public double conductivity(double celsius) {
    return conduct[nearest(celsius)];
  }

  @Override
  public double capacity(double celsius) {
    return hold[nearest(celsius)];
  }

  /** Below 0 °C and above 1700 °C it continues as at those. */
  @Override
  public double content(double celsius) {
    if (celsius < 0) {
      return celsius * hold[0];
    }
    double at = celsius / STEP_C;
    int row = (int) Math.min(at, ROWS - 2);
    return content[row] + (at - row) * (content[row + 1] - content[row]);
  }

  @Override
  public double celsius(double contentJKg) {
    if (contentJKg < 0) {
      return contentJKg / hold[0];
    }
    double at = contentJKg / STEP_J_KG;
    int row = (int) Math.min(at, celsiusAt.length - 2);
    return celsiusAt[row] + (at - row) * (celsiusAt[row + 1] - celsiusAt[row]);
  }

  @Override
  public double densityKgM3() {
    return DENSITY_KG_M3;
  }

  private static int nearest(double celsius) {
    return (int) Math.clamp(celsius / STEP_C + 0.5, 0, ROWS - 1);
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
