package app.geminal.server.book;

import app.geminal.validation.InvalidValue;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Set;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * A photograph as it is kept: painted again from the pixels that were sent, upright, no longer than
 * {@value #LONGEST_PX} px. Where it was taken, with what and by whom is not in it any more.
 */
final class Photo {
  static final int LONGEST_PX = 1600;
  private static final long MOST_PIXELS = 60_000_000;
  private static final int LONGEST_SENT_PX = 20_000;
  private static final float QUALITY = 0.85f;
  private static final Set<String> FORMATS = Set.of("JPEG", "png");

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
    JpegMarkers.requirePhotograph(file);
    try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        throw unreadable();
      }
      ImageReader reader = readers.next();
      try {
        if (!FORMATS.contains(reader.getFormatName())) {
          throw unreadable();
        }
        reader.setInput(in, /* seekForwardOnly= */ true, /* ignoreMetadata= */ true);
        return painted(sampled(reader), ExifOrientation.of(file));
      } finally {
        reader.dispose();
      }
    } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException e) {
      if (e instanceof InvalidValue bad) {
        throw bad;
      }
      throw unreadable();
    }
  }

  private static BufferedImage sampled(ImageReader reader) throws IOException {
    int width = reader.getWidth(0);
    int height = reader.getHeight(0);
    long pixels = (long) width * height;
    if (pixels > MOST_PIXELS || Math.max(width, height) > LONGEST_SENT_PX) {
      throw new InvalidValue(
          "photo",
          BookText.PICTURE_TOO_LARGE.with(
              "width",
              width,
              "height",
              height,
              "millions",
              MOST_PIXELS / 1_000_000,
              "longest",
              LONGEST_SENT_PX));
    }
    int every = Math.max(1, Math.max(width, height) / (2 * LONGEST_PX));
    ImageReadParam how = reader.getDefaultReadParam();
    how.setSourceSubsampling(every, every, 0, 0);
    return reader.read(0, how);
  }

  private static InvalidValue unreadable() {
    return new InvalidValue("photo", BookText.THIS_PICTURE_CANNOT_BE_READ.with());
  }

  private static Photo painted(BufferedImage sent, ExifOrientation upright) throws IOException {
    double scale = Math.min(1, (double) LONGEST_PX / Math.max(sent.getWidth(), sent.getHeight()));
    int width = (int) Math.max(1, Math.rint(sent.getWidth() * scale));
    int height = (int) Math.max(1, Math.rint(sent.getHeight() * scale));
    BufferedImage kept =
        new BufferedImage(
            upright.isTurned() ? height : width,
            upright.isTurned() ? width : height,
            BufferedImage.TYPE_INT_RGB);
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
