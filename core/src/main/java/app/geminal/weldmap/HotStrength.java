package app.geminal.weldmap;

import java.util.function.DoubleUnaryOperator;

/** How hard a bar resists at each heat, MPa, tabulated once. Held at both ends of the range. */
public final class HotStrength {
  private static final double FROM_C = 700;
  private static final double STEP_C = 25;
  private static final int ROWS = 25;

  private final double[] mpa = new double[ROWS];

  /** From the flow stress at a temperature, MPa. */
  public HotStrength(DoubleUnaryOperator mpaAtC) {
    for (int i = 0; i < ROWS; i++) {
      mpa[i] = mpaAtC.applyAsDouble(FROM_C + i * STEP_C);
    }
  }

  /** At a temperature, MPa. */
  double mpaAt(double celsius) {
    double row = Math.clamp((celsius - FROM_C) / STEP_C, 0, ROWS - 1);
    int below = (int) Math.min(row, ROWS - 2);
    return mpa[below] + (row - below) * (mpa[below + 1] - mpa[below]);
  }
}
