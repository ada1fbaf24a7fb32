package app.geminal.server.book;

import app.geminal.validation.InvalidValue;
import app.geminal.vision.ExifOrientation;
import app.geminal.vision.PictureFile;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;

/**
 * A photograph as it is kept: painted again from the pixels that were sent, upright, no longer than
 * {@value #LONGEST_PX} px. Where it was taken, with what and by whom is not in it any more.
 */
final class Photo {
  static final int LONGEST_PX = 1600;
  private static final float QUALITY = 0.85f;

  private final int widthPx;
  private final int heightPx;
  private final byte[] jpeg;

  private Photo(int widthPx, int heightPx, byte[] jpeg) {
    this.widthPx = widthPx;
    this.heightPx = heightPx;
    this.jpeg = jpeg;
  }

  /**
   * From a file as it was sent. Only every so many pixels of a large picture are ever in memory, so
   * that what is needed does not grow with what is sent.
   *
   * @throws InvalidValue when it is no JPEG or PNG, or too large to be a photograph
   */
  static Photo of(byte[] file) {
    PictureFile sent = PictureFile.read(file);
    try {
      return painted(sent.picture(), sent.upright());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Photo painted(BufferedImage sent, ExifOrientation upright) throws IOException {
    double scale = Math.min(1, (double) LONGEST_PX / Math.max(sent.getWidth(), sent.getHeight()));
    int width = (int) Math.max(1, Math.rint(sent.getWidth() * scale));
    int height = (int) Math.max(1, Math.rint(sent.getHeight() * scale));
    BufferedImage kept = upright.canvas(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = kept.createGraphics();
    g.setColor(Color.WHITE);
    g.fillRect(0, 0, kept.getWidth(), kept.getHeight());
    g.setRenderingHint(
        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
    g.transform(upright.transform(width, height));
    g.drawImage(sent, 0, 0, width, height, null);
    g.dispose();
    return new Photo(kept.getWidth(), kept.getHeight(), jpeg(kept));
  }

  private static byte[] jpeg(BufferedImage image) throws IOException {
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (var out = ImageIO.createImageOutputStream(bytes)) {
      ImageWriteParam how = writer.getDefaultWriteParam();
      how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
      how.setCompressionQuality(QUALITY);
      writer.setOutput(out);
      writer.write(null, new IIOImage(image, null, null), how);
    } finally {
      writer.dispose();
    }
    return bytes.toByteArray();
  }

  int widthPx() {
    return widthPx;
  }

  int heightPx() {
    return heightPx;
  }

  byte[] jpeg() {
    return jpeg.clone();
  }
}
