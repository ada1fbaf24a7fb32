package app.geminal.weldmap;

import app.geminal.validation.Require;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/**
 * How hard a bar resists at each heat, tabulated once. Held at both ends of the range.
 *
 * @param mpa flow stress at 700 °C and every 25 °C more, MPa; 25 figures above 0
 */
public record HotStrength(List<Double> mpa) {
  private static final double FROM_C = 700;
  private static final double STEP_C = 25;
  private static final int ROWS = 25;
  private static final double MOST_MPA = 5000;

  /** Checks the figures and copies them. */
  public HotStrength {
    mpa = List.copyOf(Require.list("mpa", mpa, ROWS, ROWS));
    for (double each : mpa) {
      Require.number("mpa", each, Double.MIN_VALUE, MOST_MPA);
    }
  }

  /** From the flow stress at a temperature, MPa. */
  public static HotStrength of(DoubleUnaryOperator mpaAtC) {
    return new HotStrength(
        IntStream.range(0, ROWS).mapToObj(i -> mpaAtC.applyAsDouble(FROM_C + i * STEP_C)).toList());
  }

  /** At a temperature, MPa. */
  double mpaAt(double celsius) {
    double row = Math.clamp((celsius - FROM_C) / STEP_C, 0, ROWS - 1);
    int below = (int) Math.min(row, ROWS - 2);
    return mpa.get(below) + (row - below) * (mpa.get(below + 1) - mpa.get(below));
  }
}
