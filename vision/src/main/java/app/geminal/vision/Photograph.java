package app.geminal.vision;

import app.geminal.vision.ExifOrientation.Upright;
import boofcv.struct.image.GrayU8;
import java.awt.AlphaComposite;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * A photograph as it is measured, upright: for each pixel its brightness and how warm its colour
 * is.
 *
 * <p>Memory is two bytes for each pixel once it is read, five while it is.
 */
public final class Photograph {
  private static final int GREY = 128;

  /** Keeps the noise of what is nearly black from looking like colour. */
  private static final int DARK = 40;

  /** So many rows are painted at a time, so that no second picture is ever in memory. */
  private static final int STRIP_ROWS = 64;

  private final int widthPx;
  private final int heightPx;
  private final byte[] tones;
  private final byte[] warmths;

  /** Share of the diagonal, 0 where it is not known. */
  private final double focalShare;

  private Photograph(int widthPx, int heightPx, byte[] tones, byte[] warmths, double focalShare) {
    this.widthPx = widthPx;
    this.heightPx = heightPx;
    this.tones = tones;
    this.warmths = warmths;
    this.focalShare = focalShare;
  }

  /**
   * From a JPEG or PNG file, upright.
   *
   * @throws app.geminal.validation.InvalidValue when it cannot be read or is too large
   */
  public static Photograph read(byte[] file) {
    PictureFile sent = PictureFile.read(file);
    return of(sent.picture(), sent.upright()).through(sent.focalShare());
  }

  /** Of a picture that is already upright. */
  public static Photograph of(BufferedImage picture) {
    return of(picture, ExifOrientation.UPRIGHT);
  }

  static Photograph of(BufferedImage picture, ExifOrientation upright) {
    int width = picture.getWidth();
    int height = picture.getHeight();
    Upright place = upright.of(width, height);
    byte[] tones = new byte[width * height];
    byte[] warmths = new byte[width * height];
    BufferedImage strip =
        new BufferedImage(width, Math.min(STRIP_ROWS, height), BufferedImage.TYPE_3BYTE_BGR);
    byte[] bgr = ((DataBufferByte) strip.getRaster().getDataBuffer()).getData();
    Graphics2D g = strip.createGraphics();
    g.setComposite(AlphaComposite.Src);
    for (int top = 0; top < height; top += STRIP_ROWS) {
      g.drawImage(picture, 0, -top, null);
      int bottom = Math.min(height, top + STRIP_ROWS);
      for (int row = top; row < bottom; row++) {
        for (int column = 0; column < width; column++) {
          int i = 3 * ((row - top) * width + column);
          int blue = bgr[i] & 0xff;
          int green = bgr[i + 1] & 0xff;
          int red = bgr[i + 2] & 0xff;
          int there = place.of(column, row);
          tones[there] = (byte) ((29 * blue + 150 * green + 77 * red + 128) >> 8);
          warmths[there] = (byte) (GREY + 127 * (red - blue) / (red + blue + DARK));
        }
      }
    }
    g.dispose();
    return new Photograph(place.widthPx(), place.heightPx(), tones, warmths, 0);
  }

  /** Columns. */
  public int widthPx() {
    return widthPx;
  }

  /** Rows. */
  public int heightPx() {
    return heightPx;
  }

  /** The same, through a lens of that focal length, share of the diagonal; 0 is not known. */
  Photograph through(double share) {
    return new Photograph(widthPx, heightPx, tones, warmths, share);
  }

  /** From corner to corner. */
  double diagonalPx() {
    return Math.hypot(widthPx, heightPx);
  }

  /** Focal length of the lens, px, where the camera says it. */
  OptionalDouble focalPx() {
    return focalShare > 0 ? OptionalDouble.of(focalShare * diagonalPx()) : OptionalDouble.empty();
  }

  /** A copy of its brightness, for what finds squares in pictures. */
  GrayU8 gray() {
    GrayU8 gray = new GrayU8(widthPx, heightPx);
    System.arraycopy(tones, 0, gray.data, 0, tones.length);
    return gray;
  }

  /** At half the size: each pixel the mean of four. */
  Photograph halved() {
    int width = Math.max(1, widthPx / 2);
    int height = Math.max(1, heightPx / 2);
    return new Photograph(
        width, height, halved(tones, width, height), halved(warmths, width, height), focalShare);
  }

  private byte[] halved(byte[] of, int width, int height) {
    byte[] half = new byte[width * height];
    IntStream.range(0, height)
        .parallel()
        .forEach(row -> {
          for (int column = 0; column < width; column++) {
            int sum =
                at(of, 2 * column, 2 * row)
                    + at(of, 2 * column + 1, 2 * row)
                    + at(of, 2 * column, 2 * row + 1)
                    + at(of, 2 * column + 1, 2 * row + 1);
            half[row * width + column] = (byte) ((sum + 2) / 4);
          }
        });
    return half;
  }

  /** Whether a place is on it. */
  boolean holds(double x, double y) {
    return x >= 0 && y >= 0 && x <= widthPx && y <= heightPx;
  }

  /** Brightness of a pixel, 0 to 255; at the edge and beyond that of the nearest one. */
  int toneAt(int column, int row) {
    return at(tones, column, row);
  }

  /** Brightness at a place, between its four nearest pixels. */
  float toneAt(double x, double y) {
    return at(tones, x, y);
  }

  /** How warm the colour is at a place: 128 for grey, more for brown, less for blue. */
  float warmthAt(double x, double y) {
    return at(warmths, x, y);
  }

  private int at(byte[] of, int column, int row) {
    int x = Math.clamp(column, 0, widthPx - 1);
    int y = Math.clamp(row, 0, heightPx - 1);
    return of[y * widthPx + x] & 0xff;
  }

  private float at(byte[] of, double x, double y) {
    double column = x - 0.5;
    double row = y - 0.5;
    int left = (int) Math.floor(column);
    int top = (int) Math.floor(row);
    double right = column - left;
    double low = row - top;
    double above = at(of, left, top) * (1 - right) + at(of, left + 1, top) * right;
    double below = at(of, left, top + 1) * (1 - right) + at(of, left + 1, top + 1) * right;
    return (float) (above * (1 - low) + below * low);
  }
}
