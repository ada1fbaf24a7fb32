package app.geminal.vision;

import app.geminal.validation.InvalidValue;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * A picture file as it was sent, read with bounded memory: only every so many pixels of a large one
 * are ever held, so that what is needed does not grow with what is sent.
 *
 * @param picture as the camera held it
 * @param upright how to turn it
 * @param focalShare focal length of the lens, share of the diagonal; 0 where it is not said
 */
public record PictureFile(BufferedImage picture, ExifOrientation upright, double focalShare) {
  private static final long MOST_PIXELS = 60_000_000;
  private static final long MOST_READ = 24_000_000;
  private static final int LONGEST_SENT_PX = 20_000;
  private static final Set<String> FORMATS = Set.of("JPEG", "png");

  /**
   * Reads one; of more than 24 million pixels every second in each row and column, and so on.
   *
   * @throws InvalidValue when it is no JPEG or PNG, or too large to be a photograph
   */
  public static PictureFile read(byte[] file) {
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
        return new PictureFile(sampled(reader), ExifOrientation.of(file), ExifFocal.share(file));
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
          VisionText.PICTURE_TOO_LARGE.with(
              "width",
              width,
              "height",
              height,
              "millions",
              MOST_PIXELS / 1_000_000,
              "longest",
              LONGEST_SENT_PX));
    }
    int every = 1;
    while ((long) Math.ceilDiv(width, every) * Math.ceilDiv(height, every) > MOST_READ) {
      every++;
    }
    ImageReadParam how = reader.getDefaultReadParam();
    how.setSourceSubsampling(every, every, 0, 0);
    return reader.read(0, how);
  }

  private static InvalidValue unreadable() {
    return new InvalidValue("photo", VisionText.PICTURE_UNREADABLE.with());
  }
}
