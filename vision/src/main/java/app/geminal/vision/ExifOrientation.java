package app.geminal.vision;

import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;

/**
 * How a camera held the picture, by its EXIF orientation.
 *
 * @param orientation 1 to 8
 */
public record ExifOrientation(int orientation) {
  /** The picture is upright as it is. */
  static final ExifOrientation UPRIGHT = new ExifOrientation(1);

  /** As a JPEG says; as it is where it says nothing, and for everything else. */
  static ExifOrientation of(byte[] file) {
    return Exif.directory(file, ExifIFD0Directory.class)
        .map(exif -> exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION))
        .filter(said -> said >= 1 && said <= 8)
        .map(ExifOrientation::new)
        .orElse(UPRIGHT);
  }

  /** Whether width and height change places. */
  private boolean isTurned() {
    return orientation >= 5;
  }

  /**
   * An empty picture that holds one of that size once it is upright.
   *
   * @param type of {@link BufferedImage}
   */
  public BufferedImage canvas(int width, int height, int type) {
    return new BufferedImage(isTurned() ? height : width, isTurned() ? width : height, type);
  }

  /** Where the pixels of a picture of that size are once it is upright. */
  Upright of(int width, int height) {
    AffineTransform to = transform(width, height);
    int wide = isTurned() ? height : width;
    int high = isTurned() ? width : height;
    double x = to.getScaleX() + to.getShearX();
    double y = to.getScaleY() + to.getShearY();
    // A pixel's middle is half a pixel from its corner, in whichever direction it turns.
    int first =
        (int) Math.floor(to.getTranslateY() + y / 2) * wide
            + (int) Math.floor(to.getTranslateX() + x / 2);
    return new Upright(
        wide,
        high,
        first,
        (int) (to.getScaleX() + to.getShearY() * wide),
        (int) (to.getShearX() + to.getScaleY() * wide));
  }

  /**
   * Places of pixels in an upright picture, row by row from the top left.
   *
   * @param widthPx columns of the upright picture
   * @param heightPx rows of it
   * @param first place of the pixel that came first
   * @param perColumn from there to the next that came in its row
   * @param perRow from there to the one that came below it
   */
  record Upright(int widthPx, int heightPx, int first, int perColumn, int perRow) {
    int of(int column, int row) {
      return first + column * perColumn + row * perRow;
    }
  }

  /** From the picture as it came, of that size, to upright. */
  public AffineTransform transform(int width, int height) {
    return switch (orientation) {
      case 2 -> new AffineTransform(-1, 0, 0, 1, width, 0);
      case 3 -> new AffineTransform(-1, 0, 0, -1, width, height);
      case 4 -> new AffineTransform(1, 0, 0, -1, 0, height);
      case 5 -> new AffineTransform(0, 1, 1, 0, 0, 0);
      case 6 -> new AffineTransform(0, 1, -1, 0, height, 0);
      case 7 -> new AffineTransform(0, -1, -1, 0, height, width);
      case 8 -> new AffineTransform(0, -1, 1, 0, 0, width);
      default -> new AffineTransform();
    };
  }
}
