package app.geminal.pattern;

/**
 * Mean light of flat layers over a stretch of height: exact however many lie in it.
 *
 * <p>Where a pixel is a small window on the layers, height changes evenly across it: by one amount
 * from left to right and another from top to bottom. The share of each height in the pixel is then
 * a trapezoid, two boxes folded into each other, and the mean of a step function under a trapezoid
 * is a second difference of its twofold integral, which is kept for every boundary.
 */
final class Blend {
  /** A box thinner than this part of the other one makes no difference that could be seen. */
  private static final double NARROW = 1e-3;

  private final FlatLayers layers;
  private final int channels;
  private final double[] light;
  private final double[] once;
  private final double[] twice;

  Blend(FlatLayers layers, Tones tones) {
    this.layers = layers;
    this.channels = tones.channels();
    int n = layers.count();
    light = new double[n * channels];
    once = new double[n * channels];
    twice = new double[n * channels];
    for (int i = 0; i < n; i++) {
      for (int c = 0; c < channels; c++) {
        int at = i * channels + c;
        light[at] = tones.light(layers.steel(i), c);
        if (i > 0) {
          double mm = layers.bottomMm(i) - layers.bottomMm(i - 1);
          int below = at - channels;
          once[at] = once[below] + light[below] * mm;
          twice[at] = twice[below] + once[below] * mm + light[below] * mm * mm / 2;
        }
      }
    }
  }

  void point(double height, double[] into) {
    int at = layers.at(height) * channels;
    System.arraycopy(light, at, into, 0, channels);
  }

  /**
   * The mean round a height.
   *
   * @param across how much the height changes across the pixel, mm, 0 or more
   * @param along how much it changes along it
   */
  void mean(double height, double across, double along, double[] into) {
    double wide = Math.max(across, along) / 2;
    double narrow = Math.min(across, along) / 2;
    if (layers.at(height - wide - narrow) == layers.at(height + wide + narrow)) {
      point(height, into);
      return;
    }
    boolean box = narrow < NARROW * wide;
    for (int c = 0; c < channels; c++) {
      into[c] =
          box
              ? (once(height + wide, c) - once(height - wide, c)) / (2 * wide)
              : (twice(height + wide + narrow, c)
                      - twice(height + wide - narrow, c)
                      - twice(height - wide + narrow, c)
                      + twice(height - wide - narrow, c))
                  / (4 * wide * narrow);
    }
  }

  private double once(double height, int channel) {
    int layer = layers.at(height);
    int at = layer * channels + channel;
    return once[at] + light[at] * (height - layers.bottomMm(layer));
  }

  private double twice(double height, int channel) {
    int layer = layers.at(height);
    int at = layer * channels + channel;
    double mm = height - layers.bottomMm(layer);
    return twice[at] + once[at] * mm + light[at] * mm * mm / 2;
  }
}
