package app.geminal.vision;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;

/**
 * A photograph as it is measured, upright: for each pixel its brightness and how warm its colour
 * is.
 *
 * <p>Memory is two bytes for each pixel once it is read.
 */
public final class Photograph {
  private static final int GREY = 128;

  /** Keeps the noise of what is nearly black from looking like colour. */
  private static final int DARK = 40;

  /** Longer sides are read at every second pixel, and so on. */
  private static final int LONGEST_PX = 4500;

  private final int widthPx;
  private final int heightPx;
  private final byte[] tones;
  private final byte[] warmths;

  private Photograph(int widthPx, int heightPx, byte[] tones, byte[] warmths) {
    this.widthPx = widthPx;
    this.heightPx = heightPx;
    this.tones = tones;
    this.warmths = warmths;
  }

  /**
   * From a JPEG or PNG file, upright.
   *
   * @throws app.geminal.validation.InvalidValue when it cannot be read or is too large
   */
  public static Photograph read(byte[] file) {
    PictureFile sent = PictureFile.read(file, LONGEST_PX);
    return of(sent.picture(), sent.upright());
  }

  /** Of a picture that is already upright. */
  public static Photograph of(BufferedImage picture) {
    return of(picture, ExifOrientation.UPRIGHT);
  }

  private static Photograph of(BufferedImage picture, ExifOrientation upright) {
    int width = picture.getWidth();
    int height = picture.getHeight();
    BufferedImage painted = upright.canvas(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = painted.createGraphics();
    g.drawImage(picture, upright.transform(width, height), null);
    g.dispose();
    byte[] bgr = ((DataBufferByte) painted.getRaster().getDataBuffer()).getData();
    byte[] tones = new byte[width * height];
    byte[] warmths = new byte[width * height];
    for (int i = 0; i < tones.length; i++) {
      int blue = bgr[3 * i] & 0xff;
      int green = bgr[3 * i + 1] & 0xff;
      int red = bgr[3 * i + 2] & 0xff;
      tones[i] = (byte) ((29 * blue + 150 * green + 77 * red + 128) >> 8);
      warmths[i] = (byte) (GREY + 127 * (red - blue) / (red + blue + DARK));
    }
    return new Photograph(painted.getWidth(), painted.getHeight(), tones, warmths);
  }

  /** Columns. */
  public int widthPx() {
    return widthPx;
  }

  /** Rows. */
  public int heightPx() {
    return heightPx;
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
