package app.geminal.vision;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * An etched or a glowing face with dark lines along some of its joints, photographed, with its
 * corners as a person taps them.
 *
 * @param open the lines, shares of the face
 */
record PaintedFlaws(
    BufferedImage picture, List<Spot> corners, double widthMm, double heightMm, List<Open> open) {

  /** A joint that is open from one place to another. */
  record Open(double fromX, double toX, double y) {}

  static PaintedFlaws of(long seed, DarkLines.Face face) {
    Random random = new Random(31_337 * seed + 7);
    random.nextLong();
    boolean etched = face == DarkLines.Face.ETCHED;
    double pxPerMm = 9 + 9 * random.nextDouble();
    double width = 40 + 60 * random.nextDouble();
    double height = 20 + 20 * random.nextDouble();
    int layers = 5 + random.nextInt(20);
    double[] edges = new double[layers + 1];
    for (int i = 0; i < layers; i++) {
      edges[i + 1] = edges[i] + (0.7 + 0.6 * random.nextDouble()) * (i % 2 == 0 ? 1 : 1.5);
    }
    double scale = height / edges[layers];
    double[] tones = {66 + 12 * random.nextGaussian(), 180 + 12 * random.nextGaussian()};
    double glow = 120 + 60 * random.nextDouble();
    List<Open> open = new ArrayList<>();
    double[] thick = new double[4];
    double[] dark = new double[4];
    for (int i = random.nextInt(4); i > 0; i--) {
      double length = (etched ? 5 : 10) + 14 * random.nextDouble();
      boolean fromEdge = random.nextInt(3) == 0;
      double from = fromEdge ? 0 : (width - length) * random.nextDouble();
      double y = edges[1 + random.nextInt(layers - 1)] * scale;
      if (open.stream().allMatch(o -> Math.abs(o.y() * height - y) > 2.5)) {
        thick[open.size()] =
            (etched ? 4 + 4 * random.nextDouble() : 8 + 8 * random.nextDouble()) / pxPerMm;
        dark[open.size()] =
            etched ? 8 + 18 * random.nextDouble() : glow * (0.6 + 0.15 * random.nextDouble());
        open.add(new Open(from / width, (from + length) / width, y / height));
      }
    }
    double wave = 0.25 * random.nextDouble();
    double phase = 6 * random.nextDouble();
    PaintedPhotograph.Flat flat =
        (x, y) -> {
          if (x < 0 || y < 0 || x > width || y > height) {
            return Double.NaN;
          }
          double at = y + wave * Math.sin(x / 6 + phase);
          for (int i = 0; i < open.size(); i++) {
            double along = x / width;
            if (along > open.get(i).fromX()
                && along < open.get(i).toX()
                && Math.abs(at - open.get(i).y() * height) < thick[i] / 2) {
              return dark[i];
            }
          }
          if (!etched) {
            return glow;
          }
          int i = Arrays.binarySearch(edges, at / scale);
          return tones[Math.clamp(i >= 0 ? i : -i - 2, 0, layers - 1) % 2];
        };
    PaintedPhotograph.Hardness how = PaintedPhotograph.Hardness.USUAL;
    PaintedPhotograph photograph =
        new PaintedPhotograph(seed + 1, flat, width, height, pxPerMm, how);
    List<Spot> corners = new ArrayList<>();
    for (double[] at : new double[][] {{0, 0}, {width, 0}, {width, height}, {0, height}}) {
      double[] there = photograph.onPicture(at[0], at[1]);
      corners.add(
          new Spot(there[0] + 2 * random.nextGaussian(), there[1] + 2 * random.nextGaussian()));
    }
    return new PaintedFlaws(photograph.painted(how), corners, width, height, open);
  }
}
