package app.geminal.vision;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * The etched end of a stack, photographed, with a line across it as a person draws one.
 *
 * @param boundaries where one layer ends and the next begins, and both faces, px along the line
 * @param line from edge to edge, a little more or a little less
 */
record PaintedEnd(BufferedImage picture, Line line, List<Double> boundaries) {
  private static final double[] TONES = {66, 194, 139};

  /**
   * By a seed.
   *
   * @param thinnestPx of the thinnest layer
   */
  static PaintedEnd of(long seed, int layers, double thinnestPx, PaintedPhotograph.Hardness how) {
    Random random = new Random(seed);
    boolean threeSteels = random.nextInt(4) == 0;
    double uneven = 1 + random.nextDouble();
    double[] thick = {1, 1 + (uneven - 1) * random.nextDouble(), uneven};
    double[] edges = new double[layers + 1];
    int[] steel = new int[layers];
    for (int i = 0; i < layers; i++) {
      steel[i] = i % 2;
      if (threeSteels && random.nextInt(5) == 0 && i > 0) {
        steel[i] = 2;
      }
      if (i > 0 && steel[i] == steel[i - 1]) {
        steel[i] = (steel[i] + 1) % 2;
      }
      edges[i + 1] = edges[i] + thick[steel[i]] * (0.95 + 0.1 * random.nextDouble());
    }
    double thinnest = Double.MAX_VALUE;
    for (int i = 0; i < layers; i++) {
      thinnest = Math.min(thinnest, edges[i + 1] - edges[i]);
    }
    double height = edges[layers];
    double width = height * (0.5 + 1.2 * random.nextDouble());
    double wave = random.nextDouble() * 0.012 * height;
    double waves = 1 + 2 * random.nextDouble();
    double phase = random.nextDouble() * 6;
    double[] tones = TONES.clone();
    for (int i = 0; i < tones.length; i++) {
      tones[i] += 24 * (random.nextDouble() - 0.5);
    }
    PaintedPhotograph.Flat flat =
        (x, y) -> {
          if (x < 0 || y < 0 || x > width || y > height) {
            return Double.NaN;
          }
          // Flat at both faces, wavy inside.
          double inside = Math.min(1, 4 * Math.min(y, height - y) / height);
          double at = y + inside * wave * Math.sin(2 * Math.PI * waves * x / width + phase);
          int i = Arrays.binarySearch(edges, at);
          int layer = Math.clamp(i >= 0 ? i : -i - 2, 0, layers - 1);
          return tones[steel[layer]];
        };
    PaintedPhotograph photograph =
        new PaintedPhotograph(seed + 1, flat, width, height, thinnestPx / thinnest, how);
    double[] a = photograph.onPicture(width * (0.3 + 0.4 * random.nextDouble()), 0);
    double[] b = photograph.onPicture(width * (0.3 + 0.4 * random.nextDouble()), height);
    double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
    double ux = (b[0] - a[0]) / length;
    double uy = (b[1] - a[1]) / length;
    // In by some of the outer layer, or out by a finger's width.
    double first = over(random, thinnestPx);
    double last = over(random, thinnestPx);
    Line line = new Line(a[0] - first * ux, a[1] - first * uy, b[0] + last * ux, b[1] + last * uy);
    List<Double> boundaries = new ArrayList<>();
    double before = Double.NaN;
    for (double t = -60; t < line.lengthPx() + 60; t += 0.1) {
      double[] at = photograph.onFlat(line.x1() + t * ux, line.y1() + t * uy);
      double tone = flat.toneAt(at[0], at[1]);
      if (Double.compare(tone, before) != 0) {
        boundaries.add(t);
      }
      before = tone;
    }
    return new PaintedEnd(photograph.painted(how), line, boundaries);
  }

  int layers() {
    return boundaries.size() - 1;
  }

  private static double over(Random random, double thinnestPx) {
    return switch (random.nextInt(3)) {
      case 0 -> 1.5 * random.nextGaussian();
      case 1 -> -0.4 * thinnestPx * random.nextDouble();
      default -> 40 * random.nextDouble();
    };
  }
}
