package app.geminal.vision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Boundaries between layers in a profile: where brightness changes fastest between two turns, and
 * twice on a slope that rests between them, as where a steel of a middle tone is between a dark and
 * a bright one.
 */
final class Boundaries {
  /** A swing of less than this share of the contrast around it is no boundary. */
  static final double USUAL = 0.25;

  /** Contrast never counts as less than this share of the line's, so that bare steel stays one. */
  private static final double FADED = 0.2;

  private static final double NOISE_SIGMAS = 4;
  private static final int LEAST_WINDOW_PX = 24;

  /** A rest on a slope is between these shares of its swing. */
  private static final double REST_FROM = 0.2;

  /** Slope where it rests, to that on either side of it. */
  private static final double REST_SLOPE = 0.4;

  private final float[] tones;
  private final float[] noise;
  private final double contrast;

  /**
   * Of a profile.
   *
   * @param from first sample that is on the line
   * @param to last sample that is on the line
   */
  Boundaries(Profile profile, int from, int to) {
    tones = smoothed(profile.tones());
    noise = profile.noise();
    contrast = spread(tones, from, to);
  }

  /** Spread of brightness along the line, between the fifth and the ninety-fifth percentile. */
  double contrast() {
    return contrast;
  }

  /** Brightness at a sample. */
  double toneAt(double sample) {
    return tones[Math.clamp(Math.round(sample), 0, tones.length - 1)];
  }

  /**
   * Their places, in order, samples.
   *
   * @param share of the contrast around that counts as a boundary
   * @param thicknessPx of a layer, roughly; 0 where nothing is known yet
   */
  List<Double> places(double share, double thicknessPx) {
    double[] around = contrastAround(thicknessPx);
    double[] least = new double[tones.length];
    for (int i = 0; i < least.length; i++) {
      least[i] = Math.max(1e-3, Math.max(share * around[i], NOISE_SIGMAS * noise[i]));
    }
    int[] turns = Turns.of(tones, least);
    List<Double> places = new ArrayList<>();
    for (int k = 0; k + 1 < turns.length; k++) {
      int low = turns[k];
      int high = turns[k + 1];
      if (Math.abs(tones[high] - tones[low]) >= least[(low + high) / 2]) {
        places.addAll(
            onSlope(low, high, Math.min(share, REST_FROM), least[(low + high) / 2], thicknessPx));
      }
    }
    return places;
  }

  private double[] contrastAround(double thicknessPx) {
    int half = (int) Math.max(LEAST_WINDOW_PX, 2.5 * thicknessPx);
    double[] around = new double[tones.length];
    int step = Math.max(1, half / 4);
    for (int i = 0; i < tones.length; i += step) {
      double spread =
          thicknessPx == 0
              ? contrast
              : spread(tones, Math.max(0, i - half), Math.min(tones.length - 1, i + half));
      Arrays.fill(
          around,
          i,
          Math.min(tones.length, i + step),
          Math.clamp(spread, FADED * contrast, contrast));
    }
    return around;
  }

  private static double spread(float[] of, int from, int to) {
    float[] sorted = Arrays.copyOfRange(of, from, to + 1);
    Arrays.sort(sorted);
    int twentieth = sorted.length / 20;
    return sorted[sorted.length - 1 - twentieth] - sorted[twentieth];
  }

  /** The steepest place of a slope, or the two on either side of a rest. */
  private List<Double> onSlope(
      int low, int high, double restFrom, double least, double thicknessPx) {
    int steepest = steepest(low, high);
    double swing = tones[high] - tones[low];
    int apart = (int) Math.max(2, 0.35 * thicknessPx);
    for (int side : new int[] {-1, 1}) {
      int from = side < 0 ? low : steepest + apart;
      int to = side < 0 ? steepest - apart : high;
      if (from + 1 >= to) {
        continue;
      }
      int second = steepest(from, to);
      int rest = flattest(Math.min(second, steepest), Math.max(second, steepest));
      double share = (tones[rest] - tones[low]) / swing;
      boolean isBetween = share > restFrom && share < 1 - restFrom;
      boolean isApart =
          Math.abs(tones[rest] - tones[low]) > least && Math.abs(tones[high] - tones[rest]) > least;
      if (isBetween && isApart && slope(rest) < REST_SLOPE * slope(second)) {
        return List.of(exact(Math.min(second, steepest)), exact(Math.max(second, steepest)));
      }
    }
    return List.of(exact(steepest));
  }

  /** Between two samples. */
  private int steepest(int from, int to) {
    int best = from;
    for (int i = from; i < to; i++) {
      if (slope(i) > slope(best)) {
        best = i;
      }
    }
    return best;
  }

  private int flattest(int from, int to) {
    int best = from;
    for (int i = from; i < to; i++) {
      if (slope(i) < slope(best)) {
        best = i;
      }
    }
    return best;
  }

  /** How steep it is between a sample and the next. */
  private double slope(int i) {
    return i < 0 || i + 1 >= tones.length ? 0 : Math.abs(tones[i + 1] - tones[i]);
  }

  /** The steepest place to a part of a pixel, by a parabola through three slopes. */
  private double exact(int i) {
    return i + 0.5 + Parabola.peak(slope(i - 1), slope(i), slope(i + 1));
  }

  private static float[] smoothed(float[] of) {
    float[] smooth = of.clone();
    for (int i = 1; i + 1 < of.length; i++) {
      smooth[i] = 0.25f * of[i - 1] + 0.5f * of[i] + 0.25f * of[i + 1];
    }
    return smooth;
  }
}
