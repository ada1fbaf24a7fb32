package app.geminal.vision;

/** Means over boxes of cells. */
final class Boxes {
  private Boxes() {}

  /**
   * The mean of what is within a distance of each cell, in both directions; less at the edges.
   *
   * @param of row by row
   * @param reach cells to each side
   */
  static float[] mean(float[] of, int columns, int rows, int reach) {
    double[] sums = new double[(columns + 1) * (rows + 1)];
    for (int row = 0; row < rows; row++) {
      double line = 0;
      for (int column = 0; column < columns; column++) {
        line += of[row * columns + column];
        sums[(row + 1) * (columns + 1) + column + 1] =
            sums[row * (columns + 1) + column + 1] + line;
      }
    }
    float[] mean = new float[of.length];
    for (int row = 0; row < rows; row++) {
      int top = Math.max(0, row - reach) * (columns + 1);
      int bottom = Math.min(rows, row + reach + 1) * (columns + 1);
      int high = (bottom - top) / (columns + 1);
      for (int column = 0; column < columns; column++) {
        int left = Math.max(0, column - reach);
        int right = Math.min(columns, column + reach + 1);
        double sum =
            sums[bottom + right] - sums[bottom + left] - sums[top + right] + sums[top + left];
        mean[row * columns + column] = (float) (sum / ((double) high * (right - left)));
      }
    }
    return mean;
  }
}
