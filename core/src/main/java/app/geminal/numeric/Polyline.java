package app.geminal.numeric;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Straight lines through points, level before the first and after the last.
 *
 * <p>Immutable. Looking a value up takes longer the more points there are.
 */
public final class Polyline {
  private final double[] at;
  private final double[] value;

  private Polyline(double[] at, double[] value) {
    this.at = at;
    this.value = value;
  }

  /**
   * Through points.
   *
   * @param places and values in turn: x, y, x, y, …; x rising; at least one point
   */
  public static Polyline through(double... places) {
    List<Double> all = new ArrayList<>();
    Arrays.stream(places).forEach(all::add);
    int n = places.length / 2;
    double[] at = new double[n];
    double[] value = new double[n];
    for (int i = 0; i < n; i++) {
      at[i] = places[2 * i];
      value[i] = places[2 * i + 1];
      if (i > 0 && at[i] <= at[i - 1]) {
        throw new IllegalArgumentException("The points do not rise: " + all);
      }
    }
    if (n == 0 || places.length % 2 != 0) {
      throw new IllegalArgumentException("There is no such point: " + all);
    }
    return new Polyline(at, value);
  }

  /** The value at a place. */
  public double at(double x) {
    if (x <= at[0]) {
      return value[0];
    }
    for (int i = 1; i < at.length; i++) {
      if (x == at[i]) {
        return value[i];
      }
      if (x < at[i]) {
        double part = (x - at[i - 1]) / (at[i] - at[i - 1]);
        return value[i - 1] + part * (value[i] - value[i - 1]);
      }
    }
    return value[value.length - 1];
  }

  /** Whether a place is between the first point and the last, both included. */
  public boolean covers(double x) {
    return x >= at[0] && x <= at[at.length - 1];
  }
}
