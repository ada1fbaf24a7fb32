package app.geminal.vision;

import java.util.Arrays;

/**
 * Brightness along a line as its threads agree on it. A thread counts, stretch by stretch, by how
 * well it agrees with the others and how much contrast it has: one that is covered by scale, a
 * scratch or a finger there says nothing.
 */
final class Profile {
  private static final int STRETCH_PX = 96;
  private static final int ROUNDS = 3;

  private final float[] tones;
  private final float[] noise;

  private Profile(float[] tones, float[] noise) {
    this.tones = tones;
    this.noise = noise;
  }

  /** What threads agree on. */
  static Profile of(float[][] threads) {
    int length = threads[0].length;
    float[][] slopes = new float[threads.length][];
    for (int t = 0; t < threads.length; t++) {
      slopes[t] = slopes(threads[t]);
    }
    int stretches = Math.max(1, (length + STRETCH_PX / 2) / STRETCH_PX);
    double[][] weights = new double[threads.length][stretches];
    for (double[] weight : weights) {
      Arrays.fill(weight, 1);
    }
    float[] agreed = median(slopes);
    for (int round = 0; round < ROUNDS; round++) {
      for (int s = 0; s < stretches; s++) {
        int from = s * length / stretches;
        int to = (s + 1) * length / stretches;
        double[] energy = new double[threads.length];
        for (int t = 0; t < threads.length; t++) {
          double alike = Math.max(0, correlation(slopes[t], agreed, from, to));
          energy[t] = energy(slopes[t], from, to);
          weights[t][s] = alike * alike * alike;
        }
        double usual = upper(energy);
        for (int t = 0; t < threads.length; t++) {
          double share = Math.min(1, energy[t] / usual);
          weights[t][s] = 1e-3 + weights[t][s] * share * share;
        }
      }
      agreed = mean(slopes, weights);
    }
    float[] tones = mean(threads, weights);
    return new Profile(tones, noise(threads, weights, tones));
  }

  /** Brightness, one sample each pixel. */
  float[] tones() {
    return tones;
  }

  /** Standard error of it. */
  float[] noise() {
    return noise;
  }

  private static float[] slopes(float[] of) {
    float[] slopes = new float[of.length];
    for (int i = 1; i + 1 < of.length; i++) {
      slopes[i] = (of[i + 1] - of[i - 1]) / 2;
    }
    return slopes;
  }

  private static float[] median(float[][] of) {
    float[] median = new float[of[0].length];
    float[] sorted = new float[of.length];
    for (int i = 0; i < median.length; i++) {
      for (int t = 0; t < of.length; t++) {
        sorted[t] = of[t][i];
      }
      Arrays.sort(sorted);
      median[i] = (sorted[(of.length - 1) / 2] + sorted[of.length / 2]) / 2;
    }
    return median;
  }

  private static double energy(float[] of, int from, int to) {
    double sum = 1e-9;
    for (int i = from; i < to; i++) {
      sum += of[i] * of[i];
    }
    return sum;
  }

  /** What three in four do not exceed. */
  private static double upper(double[] of) {
    double[] sorted = of.clone();
    Arrays.sort(sorted);
    return sorted[3 * (sorted.length - 1) / 4];
  }

  private static double correlation(float[] a, float[] b, int from, int to) {
    double ab = 0;
    double aa = 1e-9;
    double bb = 1e-9;
    for (int i = from; i < to; i++) {
      ab += a[i] * b[i];
      aa += a[i] * a[i];
      bb += b[i] * b[i];
    }
    return ab / Math.sqrt(aa * bb);
  }

  /** A weight at a place, between the middles of two stretches. */
  private static double at(double[] weights, int i, int length) {
    double s = Math.clamp((i + 0.5) * weights.length / length - 0.5, 0, weights.length - 1);
    int low = (int) s;
    int high = Math.min(low + 1, weights.length - 1);
    return weights[low] + (s - low) * (weights[high] - weights[low]);
  }

  private static float[] mean(float[][] of, double[][] weights) {
    int length = of[0].length;
    float[] mean = new float[length];
    for (int i = 0; i < length; i++) {
      double sum = 0;
      double all = 0;
      for (int t = 0; t < of.length; t++) {
        double weight = at(weights[t], i, length);
        sum += weight * of[t][i];
        all += weight;
      }
      mean[i] = (float) (sum / all);
    }
    return mean;
  }

  /** From how threads differ from each other once their own level is taken off. */
  private static float[] noise(float[][] threads, double[][] weights, float[] tones) {
    int length = tones.length;
    float[] noise = new float[length];
    for (int i = 1; i + 1 < length; i++) {
      double sum = 0;
      double all = 0;
      double squares = 0;
      for (int t = 0; t < threads.length; t++) {
        double weight = at(weights[t], i, length);
        double off =
            (threads[t][i + 1] - threads[t][i - 1] - tones[i + 1] + tones[i - 1]) / Math.sqrt(2);
        sum += weight * off * off;
        all += weight;
        squares += weight * weight;
      }
      noise[i] = (float) Math.sqrt(sum / all * squares / (all * all));
    }
    if (length > 2) {
      noise[0] = noise[1];
      noise[length - 1] = noise[length - 2];
    }
    return noise;
  }
}
