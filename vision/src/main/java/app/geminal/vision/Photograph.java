package app.geminal.vision;

import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;

/**
 * A photograph as it is measured: brightness alone, one byte for each pixel, upright.
 *
 * <p>Memory is one byte for each pixel once it is read.
 */
public final class Photograph {
  private final int widthPx;
  private final int heightPx;
  private final byte[] tones;

  private Photograph(int widthPx, int heightPx, byte[] tones) {
    this.widthPx = widthPx;
    this.heightPx = heightPx;
    this.tones = tones;
  }

  /** Longer sides are read at every second pixel, and so on. */
  private static final int LONGEST_PX = 4500;

  /**
   * From a JPEG or PNG file, upright.
   *
   * @throws app.geminal.validation.InvalidValue when it cannot be read or is too large
   */
  public static Photograph read(byte[] file) {
    PictureFile sent = PictureFile.read(file, LONGEST_PX);
    BufferedImage picture = sent.picture();
    ExifOrientation upright = sent.upright();
    if (upright.orientation() == 1) {
      return of(picture);
    }
    int width = picture.getWidth();
    int height = picture.getHeight();
    BufferedImage turned =
        new BufferedImage(
            upright.isTurned() ? height : width,
            upright.isTurned() ? width : height,
            BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = turned.createGraphics();
    g.drawImage(picture, upright.transform(width, height), null);
    g.dispose();
    return of(turned);
  }

  /** Of a picture that is already upright. */
  public static Photograph of(BufferedImage picture) {
    int width = picture.getWidth();
    int height = picture.getHeight();
    BufferedImage grey = new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR);
    Graphics2D g = grey.createGraphics();
    g.drawImage(picture, 0, 0, null);
    g.dispose();
    byte[] bgr = ((DataBufferByte) grey.getRaster().getDataBuffer()).getData();
    byte[] tones = new byte[width * height];
    for (int i = 0; i < tones.length; i++) {
      int blue = bgr[3 * i] & 0xff;
      int green = bgr[3 * i + 1] & 0xff;
      int red = bgr[3 * i + 2] & 0xff;
      tones[i] = (byte) ((29 * blue + 150 * green + 77 * red + 128) >> 8);
    }
    return new Photograph(width, height, tones);
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
    int x = Math.clamp(column, 0, widthPx - 1);
    int y = Math.clamp(row, 0, heightPx - 1);
    return tones[y * widthPx + x] & 0xff;
  }

  /** Brightness at a place, between its four nearest pixels. */
  float toneAt(double x, double y) {
    double column = x - 0.5;
    double row = y - 0.5;
    int left = (int) Math.floor(column);
    int top = (int) Math.floor(row);
    double right = column - left;
    double low = row - top;
    double above = toneAt(left, top) * (1 - right) + toneAt(left + 1, top) * right;
    double below = toneAt(left, top + 1) * (1 - right) + toneAt(left + 1, top + 1) * right;
    return (float) (above * (1 - low) + below * low);
  }
}
