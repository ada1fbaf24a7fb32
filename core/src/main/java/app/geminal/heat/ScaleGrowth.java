package app.geminal.heat;

import java.util.Arrays;

/**
 * How much scale would have grown everywhere inside a bar, were air there: what the faces of a
 * loose joint meet, less what keeps the air out of it. Parabolic after {@link Scale}; mutable, for
 * one thread, and follows one {@link BarHeat}.
 */
public final class ScaleGrowth {
  private static final double UM_PER_M = 1e6;

  private final BarHeat bar;
  private final double[] squaredM2;

  /** Of clean steel. */
  public ScaleGrowth(BarHeat bar) {
    this.bar = bar;
    this.squaredM2 = new double[bar.grid().count()];
  }

  /** So much time has passed at the temperatures the bar has now. */
  public void passed(double seconds) {
    for (int i = 0; i < squaredM2.length; i++) {
      double celsius = bar.cellC(i);
      if (celsius >= Scale.LEAST_C) {
        squaredM2[i] += Scale.rateM2PerS(celsius) * seconds;
      }
    }
  }

  /** The bar has been turned over. */
  public void turnedOver() {
    bar.grid().turnOver(squaredM2);
  }

  /** As much has grown as on another bar with the same cells. */
  public void like(ScaleGrowth other) {
    System.arraycopy(other.squaredM2, 0, squaredM2, 0, squaredM2.length);
  }

  /** Starts from clean faces again: what has grown is counted elsewhere. */
  public void clear() {
    Arrays.fill(squaredM2, 0);
  }

  /** Square of the thickness on one face in air, µm², at a place as {@link BarHeat#celsiusAt}. */
  public double squaredUm2(double along, double across, double up) {
    return bar.grid().interpolated(squaredM2, along, across, up) * UM_PER_M * UM_PER_M;
  }
}
