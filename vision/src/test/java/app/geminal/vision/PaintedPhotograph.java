package app.geminal.vision;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.OptionalDouble;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/**
 * A photograph of something flat, painted: seen aslant by a lens that bends lines, in uneven light,
 * with glare, scale, scratches and fingers, out of focus, noisy, and pressed into a JPEG. All of it
 * from one seed.
 */
final class PaintedPhotograph {
  /** A picture of steel in its own plane, 0 to 255 by place; NaN where there is none. */
  @FunctionalInterface
  interface Flat {
    double toneAt(double xMm, double yMm);
  }

  /**
   * How hard it is made.
   *
   * @param aslantDeg how far the camera is off the perpendicular, at most
   * @param blurPx standard deviation of the blur, at most
   * @param noise standard deviation of the noise, at most
   * @param dirt how many patches and scratches, at most
   */
  record Hardness(double aslantDeg, double blurPx, double noise, int dirt) {
    static final Hardness USUAL = new Hardness(25, 1.4, 7, 4);
  }

  private final Random random;
  private final Flat flat;
  private final double widthMm;
  private final double heightMm;
  private final double pxPerMm;
  private final int columns;
  private final int rows;
  private final double[] toPicture;
  private final double[] toFlat;
  private final double bend;

  PaintedPhotograph(
      long seed, Flat flat, double widthMm, double heightMm, double pxPerMm, Hardness hardness) {
    random = new Random(seed);
    this.flat = flat;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.pxPerMm = pxPerMm;
    double turn = random.nextDouble() * 2 * Math.PI;
    double reach = Math.hypot(widthMm, heightMm) * pxPerMm * 1.15 + 120;
    columns = (int) reach;
    rows = (int) reach;
    toPicture = view(turn, Math.toRadians(hardness.aslantDeg), random);
    toFlat = inverse(toPicture);
    bend = (random.nextDouble() - 0.5) * 0.06;
  }

  /** A pinhole camera aslant over the middle of the flat thing, far enough to hold all of it. */
  private double[] view(double turn, double aslant, Random random) {
    double tilt = random.nextDouble() * aslant;
    double towards = random.nextDouble() * 2 * Math.PI;
    double far = farMm();
    double[] axis = {Math.cos(towards), Math.sin(towards), 0};
    double c = Math.cos(tilt);
    double s = Math.sin(tilt);
    double[][] r = {
      {c + axis[0] * axis[0] * (1 - c), axis[0] * axis[1] * (1 - c), axis[1] * s},
      {axis[0] * axis[1] * (1 - c), c + axis[1] * axis[1] * (1 - c), -axis[0] * s},
      {-axis[1] * s, axis[0] * s, c}
    };
    double ct = Math.cos(turn);
    double st = Math.sin(turn);
    double[][] around = {{ct, -st, 0}, {st, ct, 0}, {0, 0, 1}};
    double[][] m = times(r, around);
    double focus = pxPerMm * far;
    double[] h = new double[9];
    double mx = widthMm / 2;
    double my = heightMm / 2;
    for (int k = 0; k < 3; k++) {
      double scale = k < 2 ? focus : 1;
      h[3 * k] = scale * m[k][0];
      h[3 * k + 1] = scale * m[k][1];
      h[3 * k + 2] = scale * (-m[k][0] * mx - m[k][1] * my + (k == 2 ? far : 0));
    }
    // The middle of the picture.
    for (int i = 0; i < 3; i++) {
      h[i] += columns / 2.0 * h[6 + i];
      h[3 + i] += rows / 2.0 * h[6 + i];
    }
    return h;
  }

  private double farMm() {
    return 2.2 * Math.hypot(widthMm, heightMm);
  }

  /** Focal length of its lens, share of the picture's diagonal. */
  double focalShare() {
    return pxPerMm * farMm() / Math.hypot(columns, rows);
  }

  private static double[][] times(double[][] a, double[][] b) {
    double[][] c = new double[3][3];
    for (int i = 0; i < 3; i++) {
      for (int j = 0; j < 3; j++) {
        for (int k = 0; k < 3; k++) {
          c[i][j] += a[i][k] * b[k][j];
        }
      }
    }
    return c;
  }

  private static double[] inverse(double[] m) {
    double a = m[4] * m[8] - m[5] * m[7];
    double b = m[5] * m[6] - m[3] * m[8];
    double c = m[3] * m[7] - m[4] * m[6];
    double det = m[0] * a + m[1] * b + m[2] * c;
    return new double[] {
      a / det,
      (m[2] * m[7] - m[1] * m[8]) / det,
      (m[1] * m[5] - m[2] * m[4]) / det,
      b / det,
      (m[0] * m[8] - m[2] * m[6]) / det,
      (m[2] * m[3] - m[0] * m[5]) / det,
      c / det,
      (m[1] * m[6] - m[0] * m[7]) / det,
      (m[0] * m[4] - m[1] * m[3]) / det
    };
  }

  private static double[] mapped(double[] h, double x, double y) {
    double w = h[6] * x + h[7] * y + h[8];
    return new double[] {(h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w};
  }

  /** From where a straight lens would put it to where this one does, or back. */
  private double[] bent(double x, double y, double by) {
    double dx = x - columns / 2.0;
    double dy = y - rows / 2.0;
    double square = (dx * dx + dy * dy) / (0.25 * columns * columns);
    double factor = 1 + by * square;
    return new double[] {columns / 2.0 + dx * factor, rows / 2.0 + dy * factor};
  }

  /** Where a place of the flat thing is on the picture, px. */
  double[] onPicture(double xMm, double yMm) {
    double[] straight = mapped(toPicture, xMm, yMm);
    double[] at = straight;
    // The bend is given from picture to straight; back is found by going on from a first guess.
    for (int i = 0; i < 20; i++) {
      double[] there = bent(at[0], at[1], bend);
      at = new double[] {at[0] + straight[0] - there[0], at[1] + straight[1] - there[1]};
    }
    return at;
  }

  /** What is at a place of the picture, in its own plane, mm. */
  double[] onFlat(double x, double y) {
    double[] straight = bent(x, y, bend);
    return mapped(toFlat, straight[0], straight[1]);
  }

  BufferedImage painted(Hardness hardness) {
    return painted(hardness, OptionalDouble.empty());
  }

  /** On a bench of a given brightness, or of any. */
  BufferedImage painted(Hardness hardness, OptionalDouble bench) {
    // Wood is brown, a cloth may be blue, a steel plate is grey.
    double tint = random.nextInt(3) == 0 ? 0 : 0.12 * random.nextGaussian();
    double cast = 0.03 * random.nextGaussian();
    double[] light = new double[columns * rows];
    boolean[] bare = new boolean[columns * rows];
    double ground = bench.isPresent() ? bench.getAsDouble() : 20 + random.nextDouble() * 215;
    double grain = random.nextDouble() * 12;
    double grainTurn = random.nextDouble() * Math.PI;
    double grainPx = 8 + random.nextDouble() * 60;
    for (int y = 0; y < rows; y++) {
      for (int x = 0; x < columns; x++) {
        light[y * columns + x] = toneAt(x, y, ground, grain, grainTurn, grainPx);
        double[] straight = bent(x + 0.5, y + 0.5, bend);
        double[] at = mapped(toFlat, straight[0], straight[1]);
        bare[y * columns + x] = Double.isNaN(flat.toneAt(at[0], at[1]));
      }
    }
    for (int i = random.nextInt(hardness.dirt() + 1); i > 0; i--) {
      patch(light);
    }
    for (int i = random.nextInt(2 * hardness.dirt() + 1); i > 0; i--) {
      scratch(light);
    }
    for (int i = random.nextInt(3); i > 0; i--) {
      finger(light);
    }
    lit(light);
    blur(light, 0.4 + random.nextDouble() * (hardness.blurPx() - 0.4));
    double noise = 1 + random.nextDouble() * (hardness.noise() - 1);
    BufferedImage image = new BufferedImage(columns, rows, BufferedImage.TYPE_INT_RGB);
    int[] pixels = new int[columns * rows];
    for (int i = 0; i < pixels.length; i++) {
      int tone = (int) Math.clamp(light[i] + random.nextGaussian() * noise, 0, 255);
      double warmth = cast + (bare[i] ? tint : 0);
      int warm = Math.clamp(Math.round(tone * (1 + warmth)), 0, 255);
      int cold = Math.clamp(Math.round(tone * (1 - warmth)), 0, 255);
      pixels[i] = warm << 16 | tone << 8 | cold;
    }
    image.setRGB(0, 0, columns, rows, pixels, 0, columns);
    return pressed(image, 0.6f + random.nextFloat() * 0.35f);
  }

  private double toneAt(
      int x, int y, double ground, double grain, double grainTurn, double grainPx) {
    double sum = 0;
    for (int k = 0; k < 4; k++) {
      double px = x + 0.25 + 0.5 * (k % 2);
      double py = y + 0.25 + 0.5 * (k / 2);
      double[] straight = bent(px, py, bend);
      double[] at = mapped(toFlat, straight[0], straight[1]);
      double tone = flat.toneAt(at[0], at[1]);
      sum +=
          Double.isNaN(tone)
              ? ground
                  + grain
                      * Math.sin(
                          (px * Math.cos(grainTurn) + py * Math.sin(grainTurn)) / grainPx * 6)
              : tone;
    }
    return sum / 4;
  }

  /** Scale that did not come off: dull, and larger than a layer. */
  private void patch(double[] light) {
    double[] at = onPicture(random.nextDouble() * widthMm, random.nextDouble() * heightMm);
    double radius = (0.02 + 0.06 * random.nextDouble()) * Math.min(widthMm, heightMm) * pxPerMm;
    double tone = 40 + random.nextDouble() * 60;
    double cover = 0.6 + 0.4 * random.nextDouble();
    double wave = random.nextDouble() * 6;
    paint(
        light,
        at[0],
        at[1],
        1.4 * radius,
        (dx, dy) -> {
          double edge = radius * (1 + 0.3 * Math.sin(3 * Math.atan2(dy, dx) + wave));
          return Math.hypot(dx, dy) < edge ? cover : 0;
        },
        tone);
  }

  private void scratch(double[] light) {
    double[] a = onPicture(random.nextDouble() * widthMm, random.nextDouble() * heightMm);
    double[] b = onPicture(random.nextDouble() * widthMm, random.nextDouble() * heightMm);
    double thick = 0.6 + random.nextDouble() * 1.5;
    double tone = random.nextBoolean() ? 235 : 25;
    double length = Math.hypot(b[0] - a[0], b[1] - a[1]) + 1e-9;
    double ux = (b[0] - a[0]) / length;
    double uy = (b[1] - a[1]) / length;
    for (double s = 0; s < length; s += 0.5) {
      paint(
          light,
          a[0] + s * ux,
          a[1] + s * uy,
          thick + 1,
          (dx, dy) -> Math.abs(dx * uy - dy * ux) < thick / 2 ? 0.5 : 0,
          tone);
    }
  }

  /** Over the left or the right edge. */
  private void finger(double[] light) {
    boolean left = random.nextBoolean();
    double in = random.nextDouble() * 0.18 * widthMm;
    double radiusMm = 0.1 * heightMm + 2 * random.nextDouble();
    double[] tip =
        onPicture(
            left ? in - radiusMm : widthMm - in + radiusMm,
            heightMm * (0.2 + 0.6 * random.nextDouble()));
    double radius = radiusMm * pxPerMm;
    paint(light, tip[0], tip[1], radius, (dx, dy) -> Math.hypot(dx, dy) < radius ? 1 : 0, 165);
  }

  @FunctionalInterface
  private interface Cover {
    double at(double dx, double dy);
  }

  private void paint(double[] light, double x, double y, double reach, Cover cover, double tone) {
    for (int row = (int) Math.max(0, y - reach); row < Math.min(rows, y + reach); row++) {
      for (int col = (int) Math.max(0, x - reach); col < Math.min(columns, x + reach); col++) {
        double share = cover.at(col + 0.5 - x, row + 0.5 - y);
        light[row * columns + col] += share * (tone - light[row * columns + col]);
      }
    }
  }

  private void lit(double[] light) {
    double a = (random.nextDouble() - 0.5) * 0.8;
    double b = (random.nextDouble() - 0.5) * 0.8;
    double[] spot = onPicture(random.nextDouble() * widthMm, random.nextDouble() * heightMm);
    double glare = random.nextDouble() * 110;
    double wide = (0.08 + 0.2 * random.nextDouble()) * heightMm * pxPerMm;
    for (int y = 0; y < rows; y++) {
      for (int x = 0; x < columns; x++) {
        double even = 1 + a * (x / (double) columns - 0.5) + b * (y / (double) rows - 0.5);
        double off = Math.hypot(x - spot[0], y - spot[1]) / wide;
        light[y * columns + x] = light[y * columns + x] * even + glare * Math.exp(-off * off);
      }
    }
  }

  private void blur(double[] light, double sigma) {
    int reach = (int) Math.ceil(3 * sigma);
    double[] kernel = new double[2 * reach + 1];
    double sum = 0;
    for (int i = -reach; i <= reach; i++) {
      kernel[i + reach] = Math.exp(-i * i / (2 * sigma * sigma));
      sum += kernel[i + reach];
    }
    for (int i = 0; i < kernel.length; i++) {
      kernel[i] /= sum;
    }
    double[] across = new double[light.length];
    for (int y = 0; y < rows; y++) {
      for (int x = 0; x < columns; x++) {
        for (int i = -reach; i <= reach; i++) {
          across[y * columns + x] +=
              kernel[i + reach] * light[y * columns + Math.clamp(x + i, 0, columns - 1)];
        }
      }
    }
    for (int y = 0; y < rows; y++) {
      for (int x = 0; x < columns; x++) {
        double there = 0;
        for (int i = -reach; i <= reach; i++) {
          there += kernel[i + reach] * across[Math.clamp(y + i, 0, rows - 1) * columns + x];
        }
        light[y * columns + x] = there;
      }
    }
  }

  private static BufferedImage pressed(BufferedImage image, float quality) {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(quality);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
      writer.dispose();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    try {
      return ImageIO.read(new ByteArrayInputStream(bytes.toByteArray()));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
