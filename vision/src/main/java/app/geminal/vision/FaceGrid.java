package app.geminal.vision;

import java.util.List;

/**
 * A rectangle of steel seen straight on, in cells: how bright each is beside those around it, so
 * that uneven light does not matter. Immutable.
 */
final class FaceGrid {
  /** Brighter or darker than that, in standard deviations, is glare or dirt. */
  private static final double MOST = 2.2;

  /** A difference in brightness below that is noise, of 255. */
  private static final double LEAST_SPREAD = 3;

  private final int columns;
  private final int rows;
  private final float[] tones;

  private FaceGrid(int columns, int rows, float[] tones) {
    this.columns = columns;
    this.rows = rows;
    this.tones = tones;
  }

  /** Of brightnesses from 0 to 255, row by row from the top. */
  static FaceGrid of(float[] light, int columns, int rows) {
    return new FaceGrid(columns, rows, evened(light, columns, rows));
  }

  /**
   * As a photograph shows it.
   *
   * @param corners px: upper left, upper right, lower right, lower left of the rectangle
   */
  static FaceGrid of(Photograph photograph, List<Spot> corners, int columns, int rows) {
    return of(FaceLight.of(photograph, corners, columns, rows), columns, rows);
  }

  /** Less the mean of what is around each cell, over its spread. */
  private static float[] evened(float[] light, int columns, int rows) {
    int reach = Math.max(4, rows);
    float[] mean = Boxes.mean(light, columns, rows, reach);
    float[] squares = new float[light.length];
    for (int i = 0; i < light.length; i++) {
      float off = light[i] - mean[i];
      squares[i] = off * off;
    }
    float[] spread = Boxes.mean(squares, columns, rows, reach);
    float[] even = new float[light.length];
    for (int i = 0; i < light.length; i++) {
      double by = Math.max(LEAST_SPREAD, Math.sqrt(spread[i]));
      even[i] = (float) Math.clamp((light[i] - mean[i]) / by, -MOST, MOST);
    }
    return even;
  }

  /** With its columns moved along it. */
  FaceGrid moved(Warp warp) {
    float[] there = new float[tones.length];
    for (int column = 0; column < columns; column++) {
      double from = warp.from((column + 0.5) / columns) * columns - 0.5;
      int left = Math.clamp((int) Math.floor(from), 0, columns - 2);
      float share = (float) Math.clamp(from - left, 0, 1);
      for (int row = 0; row < rows; row++) {
        int at = row * columns + left;
        there[row * columns + column] = tones[at] * (1 - share) + tones[at + 1] * share;
      }
    }
    return new FaceGrid(columns, rows, there);
  }

  /** Half a turn round its middle. */
  FaceGrid turned() {
    float[] back = new float[tones.length];
    for (int i = 0; i < back.length; i++) {
      back[i] = tones[tones.length - 1 - i];
    }
    return new FaceGrid(columns, rows, back);
  }

  /**
   * How alike two are, 1 for the same and 0 for nothing in common, where they overlap.
   *
   * @param shift columns by which the other one is to the right
   */
  double likeness(FaceGrid other, int shift) {
    int from = Math.max(0, shift);
    int to = Math.min(columns, columns + shift);
    float mixed = 0;
    float own = 0;
    float others = 0;
    for (int row = 0; row < rows; row++) {
      int here = row * columns;
      for (int column = from; column < to; column++) {
        float a = tones[here + column];
        float b = other.tones[here + column - shift];
        mixed += a * b;
        own += a * a;
        others += b * b;
      }
    }
    return own == 0 || others == 0 ? 0 : mixed / Math.sqrt((double) own * others);
  }

  /**
   * How many independent cells what one has beyond the other amounts to: neighbouring cells err
   * together.
   */
  double independentBeside(FaceGrid other, int shift, double likeness) {
    int from = Math.max(0, shift);
    int to = Math.min(columns, columns + shift);
    float[] rest = new float[(to - from) * rows];
    for (int row = 0; row < rows; row++) {
      for (int column = from; column < to; column++) {
        rest[row * (to - from) + column - from] =
            (float)
                (tones[row * columns + column]
                    - likeness * other.tones[row * columns + column - shift]);
      }
    }
    double along = together(rest, to - from, rows, 1, to - from);
    double across = together(rest, rows, to - from, to - from, 1);
    return Math.max(4, rest.length / (along * across));
  }

  /** Over how many cells in a row errors are alike. */
  private static double together(float[] rest, int length, int lines, int step, int lineStep) {
    double sum = 1;
    double whole = 0;
    for (float r : rest) {
      whole += r * r;
    }
    for (int lag = 1; lag < length / 2; lag++) {
      double alike = 0;
      for (int line = 0; line < lines; line++) {
        for (int i = 0; i + lag < length; i++) {
          int at = line * lineStep + i * step;
          alike += rest[at] * rest[at + lag * step];
        }
      }
      double share = whole == 0 ? 0 : alike / whole;
      if (share < 0.1) {
        break;
      }
      sum += 2 * share;
    }
    return sum;
  }
}
