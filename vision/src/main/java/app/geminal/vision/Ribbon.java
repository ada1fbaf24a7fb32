package app.geminal.vision;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * A ribbon of the picture along a line, straightened: each of its threads follows the layers, so
 * that a layer that crosses the line at a slant or in a curve is at the same place in all of them.
 *
 * <p>How the layers run is measured by the structure tensor in cells of some thirty pixels, and
 * followed outwards from the line; what is left of a slant is followed once more.
 */
final class Ribbon {
  private static final int CELL_PX = 28;
  private static final int PASSES = 2;

  /** Columns that make one thread. */
  private static final int THREAD_PX = 8;

  private static final int STRETCH_PX = 64;

  /** From one thread to the next, what following leaves over is less. */
  private static final double MOST_SHIFT_PX = 1.5;

  /** A stretch that agrees less than that with its neighbours says nothing of a shift. */
  private static final double LEAST_ALIKE = 0.5;

  /** A steeper slant than this is no layer that crosses the line. */
  private static final double STEEPEST = 1.5;

  private final Photograph photograph;
  private final Line line;
  private final double beginPx;
  private final int length;
  private final int half;

  private final float[][] places;
  private final float[][] threads;

  /**
   * Of a line.
   *
   * @param beyondPx how far it continues before and after the line
   * @param half how far it reaches to both sides, px
   */
  Ribbon(Photograph photograph, Line line, double beyondPx, int half) {
    this.photograph = photograph;
    this.line = line;
    this.half = half;
    beginPx = -Math.ceil(beyondPx);
    length = (int) Math.ceil(line.lengthPx() - 2 * beginPx) + 1;
    float[][] followed = new float[2 * half + 1][length];
    for (float[] place : followed) {
      for (int i = 0; i < length; i++) {
        place[i] = i;
      }
    }
    for (int pass = 0; pass < PASSES; pass++) {
      followed = followed(followed, slants(sampled(photograph::toneAt, followed)));
    }
    places = followed;
    threads = aligned(inThreads(sampled(photograph::toneAt, places)));
  }

  /** Its threads: brightness along the line, one sample each pixel from before its beginning. */
  float[][] threads() {
    return threads;
  }

  /** How warm the colour is along the line, the mean of all threads. */
  float[] warmth() {
    float[][] samples = sampled(photograph::warmthAt, places);
    return mean(samples, 0, samples.length);
  }

  /** How rough it is along the layers: the median of what neighbouring threads differ by. */
  float[] roughness() {
    float[] rough = new float[length];
    for (int i = 0; i < length; i++) {
      double[] off = new double[threads.length - 1];
      for (int t = 0; t < off.length; t++) {
        off[t] = Math.abs(threads[t + 1][i] - threads[t][i]);
      }
      Arrays.sort(off);
      rough[i] = (float) off[off.length / 2];
    }
    return rough;
  }

  /**
   * The line that crosses the same layers at one of its edges.
   *
   * @param side −1 or 1
   */
  Line beside(int side) {
    float[] there = places[half + side * half];
    double first = beginPx + there[(int) -beginPx];
    double last = beginPx + there[length - 1 - (int) -beginPx];
    double x = line.x1() - side * half * line.alongY();
    double y = line.y1() + side * half * line.alongX();
    return new Line(
        x + first * line.alongX(),
        y + first * line.alongY(),
        x + last * line.alongX(),
        y + last * line.alongY());
  }

  private static float[][] inThreads(float[][] straight) {
    int threads = straight.length / THREAD_PX;
    int first = (straight.length - threads * THREAD_PX) / 2;
    return IntStream.range(0, threads)
        .mapToObj(t -> mean(straight, first + t * THREAD_PX, THREAD_PX))
        .toArray(float[][]::new);
  }

  /**
   * Each thread against those inside it, from the middle outwards: what following left over is
   * found stretch by stretch, as the shift that fits them best.
   */
  private static float[][] aligned(float[][] threads) {
    int middle = threads.length / 2;
    float[][] aligned = threads.clone();
    for (int side : new int[] {-1, 1}) {
      double[] shifts = new double[Math.max(1, threads[0].length / STRETCH_PX)];
      float[] inner = aligned[middle].clone();
      for (int t = middle + side; t >= 0 && t < threads.length; t += side) {
        for (int s = 0; s < shifts.length; s++) {
          shifts[s] += shift(threads[t], inner, s, shifts);
        }
        aligned[t] = shifted(threads[t], shifts);
        for (int i = 0; i < inner.length; i++) {
          inner[i] += 0.35f * (aligned[t][i] - inner[i]);
        }
      }
    }
    return aligned;
  }

  /** How much further a stretch of a thread has to be shifted, px. */
  private static double shift(float[] thread, float[] inner, int stretch, double[] shifts) {
    int from = stretch * thread.length / shifts.length;
    int to = (stretch + 1) * thread.length / shifts.length;
    double best = 0;
    double most = 1.02 * alike(thread, inner, from, to, shifts[stretch]);
    for (double by = -MOST_SHIFT_PX; by <= MOST_SHIFT_PX; by += 0.5) {
      double alike = alike(thread, inner, from, to, shifts[stretch] + by);
      if (alike > most && alike > LEAST_ALIKE) {
        most = alike;
        best = by;
      }
    }
    return best;
  }

  /** Correlation of slopes. */
  private static double alike(float[] thread, float[] inner, int from, int to, double by) {
    double both = 0;
    double own = 1e-9;
    double other = 1e-9;
    for (int i = Math.max(1, from); i + 1 < Math.min(to, inner.length); i++) {
      double a = between(thread, i + 1 + by) - between(thread, i - 1 + by);
      double b = inner[i + 1] - inner[i - 1];
      both += a * b;
      own += a * a;
      other += b * b;
    }
    return both / Math.sqrt(own * other);
  }

  private static float[] shifted(float[] thread, double[] shifts) {
    float[] shifted = new float[thread.length];
    for (int i = 0; i < shifted.length; i++) {
      double s = Math.clamp((i + 0.5) * shifts.length / shifted.length - 0.5, 0, shifts.length - 1);
      int low = (int) s;
      int high = Math.min(low + 1, shifts.length - 1);
      shifted[i] = between(thread, i + shifts[low] + (s - low) * (shifts[high] - shifts[low]));
    }
    return shifted;
  }

  private static float[] mean(float[][] columns, int first, int count) {
    float[] mean = new float[columns[0].length];
    for (int c = first; c < first + count; c++) {
      for (int i = 0; i < mean.length; i++) {
        mean[i] += columns[c][i] / count;
      }
    }
    return mean;
  }

  /** What is sampled of a picture. */
  @FunctionalInterface
  private interface Sampled {
    float at(double x, double y);
  }

  /** Of the places along the line that each column has, by columns across it. */
  private float[][] sampled(Sampled what, float[][] places) {
    double alongX = line.alongX();
    double alongY = line.alongY();
    float[][] samples = new float[places.length][length];
    IntStream.range(0, places.length)
        .parallel()
        .forEach(column -> {
          double x = line.x1() + (column - half) * -alongY;
          double y = line.y1() + (column - half) * alongX;
          for (int i = 0; i < length; i++) {
            double along = beginPx + places[column][i];
            samples[column][i] = what.at(x + along * alongX, y + along * alongY);
          }
        });
    return samples;
  }

  /** How far the layers move along the line for each column across, by cells. */
  private Grid slants(float[][] samples) {
    int across = Math.max(1, samples.length / CELL_PX);
    int along = Math.max(1, length / CELL_PX);
    double[][][] tensors = new double[across][along][3];
    double[] whole = new double[3];
    for (int c = 1; c + 1 < samples.length; c++) {
      int cell = Math.min(across - 1, c * across / samples.length);
      for (int i = 1; i + 1 < length; i++) {
        double t = samples[c][i + 1] - samples[c][i - 1];
        double h = samples[c + 1][i] - samples[c - 1][i];
        double[] tensor = tensors[cell][Math.min(along - 1, i * along / length)];
        tensor[0] += t * t;
        tensor[1] += t * h;
        tensor[2] += h * h;
        whole[0] += t * t;
        whole[1] += t * h;
        whole[2] += h * h;
      }
    }
    double[][] slants = new double[across][along];
    for (int c = 0; c < across; c++) {
      for (int i = 0; i < along; i++) {
        slants[c][i] = slant(around(tensors, c, i, whole, across * along));
      }
    }
    return new Grid(slants, samples.length, length);
  }

  /** Of a cell and its neighbours, and a little of the whole where they are bare. */
  private static double[] around(
      double[][][] tensors, int column, int row, double[] whole, int cells) {
    double[] sum = new double[3];
    for (int k = 0; k < sum.length; k++) {
      sum[k] = 0.2 * whole[k] / cells;
    }
    for (int c = Math.max(0, column - 1); c <= Math.min(tensors.length - 1, column + 1); c++) {
      for (int i = Math.max(0, row - 1); i <= Math.min(tensors[c].length - 1, row + 1); i++) {
        int weight = (c == column ? 2 : 1) * (i == row ? 2 : 1);
        for (int k = 0; k < sum.length; k++) {
          sum[k] += weight * tensors[c][i][k];
        }
      }
    }
    return sum;
  }

  /** Layers run at a right angle to the direction in which brightness changes most. */
  private static double slant(double[] tensor) {
    double angle = 0.5 * Math.atan2(2 * tensor[1], tensor[0] - tensor[2]);
    return Math.clamp(-Math.tan(angle), -STEEPEST, STEEPEST);
  }

  private float[][] followed(float[][] places, Grid slants) {
    float[][] followed = new float[places.length][length];
    followed[half] = places[half];
    IntStream.of(1, -1)
        .parallel()
        .forEach(side -> {
          double[] at = IntStream.range(0, length).asDoubleStream().toArray();
          for (int h = side; Math.abs(h) <= half; h += side) {
            for (int i = 0; i < length; i++) {
              at[i] += side * slants.at(half + h - 0.5 * side, at[i]);
              followed[half + h][i] = between(places[half + h], at[i]);
            }
          }
        });
    return followed;
  }

  private static float between(float[] of, double at) {
    double within = Math.clamp(at, 0, of.length - 1.001);
    int i = (int) within;
    double off = at - i;
    return (float) (of[i] * (1 - off) + of[i + 1] * off);
  }

  /** Values at the middles of cells, and between them. */
  private static final class Grid {
    private final double[][] values;
    private final int columns;
    private final int rows;

    Grid(double[][] values, int columns, int rows) {
      this.values = values;
      this.columns = columns;
      this.rows = rows;
    }

    double at(double column, double row) {
      double c = Math.clamp((column + 0.5) * values.length / columns - 0.5, 0, values.length - 1);
      double r = Math.clamp((row + 0.5) * values[0].length / rows - 0.5, 0, values[0].length - 1);
      int left = Math.min((int) c, Math.max(0, values.length - 2));
      int top = Math.min((int) r, Math.max(0, values[0].length - 2));
      int right = Math.min(left + 1, values.length - 1);
      int low = Math.min(top + 1, values[0].length - 1);
      double x = c - left;
      double y = r - top;
      return (values[left][top] * (1 - y) + values[left][low] * y) * (1 - x)
          + (values[right][top] * (1 - y) + values[right][low] * y) * x;
    }
  }
}
