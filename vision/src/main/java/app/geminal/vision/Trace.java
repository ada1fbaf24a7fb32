package app.geminal.vision;

import java.util.OptionalDouble;

/**
 * One thing along a line that parts steel from what is beside it when brightness does not: how warm
 * the colour is, since etched steel is grey and a bench rarely is, or how rough it is along the
 * layers, since steel was ground and a bench has grain.
 */
final class Trace {
  /** A smaller difference says nothing: levels of 255. */
  private static final double LEAST = 2;

  /** Two means are apart when they differ by so many of their standard errors. */
  private static final double SIGMAS = 4;

  /** A JPEG keeps colour in blocks: so many neighbouring samples err together. */
  private static final double TOGETHER = 6;

  private static final int FEWEST = 6;

  private final float[] samples;
  private final double beyond;

  /**
   * Of a line.
   *
   * @param samples one each pixel
   * @param beyond how many of them are before its beginning
   */
  Trace(float[] samples, double beyond) {
    this.samples = samples;
    this.beyond = beyond;
  }

  /**
   * Where it changes from that of the steel to that beside it, px along the line.
   *
   * @param inside a place in the steel
   * @param outside a place beside it
   * @param steelPx over how much before the one the mean of the steel is taken
   * @param benchPx over how much behind the other that of what is beside it
   */
  OptionalDouble edge(double inside, double outside, double steelPx, double benchPx) {
    int side = outside > inside ? 1 : -1;
    int from = index(inside);
    int to = index(outside);
    Level steel = level(from - side * (int) Math.ceil(steelPx), from);
    Level bench = level(to, to + side * (int) Math.ceil(benchPx));
    double error = Math.hypot(steel.error(), bench.error());
    if (steel.count() < FEWEST
        || bench.count() < FEWEST
        || Math.abs(steel.mean() - bench.mean()) < Math.max(LEAST, SIGMAS * error)) {
      return OptionalDouble.empty();
    }
    // Where both levels fit best; each sample moves the fit by what it is nearer to one of them.
    double middle = (steel.mean() + bench.mean()) / 2;
    double sign = Math.signum(steel.mean() - middle);
    double worth = 0;
    double most = 0;
    int best = from;
    for (int i = from; i != to; i += side) {
      worth += sign * (samples[i] - middle);
      if (worth > most) {
        most = worth;
        best = i + side;
      }
    }
    return OptionalDouble.of(best - beyond);
  }

  private int index(double place) {
    return Math.clamp(Math.round(place + beyond), 0, samples.length - 1);
  }

  /** What is between two samples. */
  private record Level(int count, double mean, double error) {}

  private Level level(int a, int b) {
    int from = Math.clamp(Math.min(a, b), 0, samples.length);
    int to = Math.clamp(Math.max(a, b), 0, samples.length);
    double sum = 0;
    double squares = 0;
    for (int i = from; i < to; i++) {
      sum += samples[i];
      squares += samples[i] * samples[i];
    }
    int count = to - from;
    if (count == 0) {
      return new Level(0, 0, 0);
    }
    double mean = sum / count;
    double spread = Math.sqrt(Math.max(0, squares / count - mean * mean));
    return new Level(count, mean, spread / Math.sqrt(Math.max(1, count / TOGETHER)));
  }
}
