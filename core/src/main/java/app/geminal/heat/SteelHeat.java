package app.geminal.heat;

import app.geminal.numeric.Polyline;

/**
 * How steel of about 0.8 % carbon takes up and passes on heat, against temperature. Straight lines
 * between tabulated points; the change to austenite and the loss of magnetism near 735 °C stand as
 * 80 kJ/kg spread over 705 to 765 °C. Within 10 % for plain and low-alloy steel from 20 to 1300 °C;
 * stainless conducts half as well below 800 °C.
 */
final class SteelHeat implements Material {
  /** W/(m·K) by °C. */
  private static final Polyline CONDUCTS =
      Polyline.through(20, 48, 500, 36, 700, 30, 800, 25, 1000, 27, 1200, 29.6, 1400, 31);

  /** J/(kg·K) by °C. */
  private static final Polyline HOLDS =
      Polyline.through(20, 480, 500, 650, 700, 800, 800, 630, 1400, 660);

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
      conduct[i] = CONDUCTS.at(celsius);
      boolean changing = celsius > CHANGE_FROM_C && celsius < CHANGE_TO_C;
      hold[i] = HOLDS.at(celsius) + (changing ? CHANGE_J_KG / (CHANGE_TO_C - CHANGE_FROM_C) : 0);
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
}
