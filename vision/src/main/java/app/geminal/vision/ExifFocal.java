package app.geminal.vision;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.imaging.jpeg.JpegSegmentMetadataReader;
import com.drew.metadata.exif.ExifReader;
import com.drew.metadata.exif.ExifSubIFDDirectory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;

/** The focal length of the lens, as a camera writes it into a JPEG: that on 35 mm film. */
final class ExifFocal {
  /** From corner to corner of 24 by 36 mm. */
  private static final double FILM_MM = Math.hypot(24, 36);

  private static final double SHORTEST_MM = 8;
  private static final double LONGEST_MM = 1200;

  private static final List<JpegSegmentMetadataReader> EXIF = List.of(new ExifReader());

  private ExifFocal() {}

  /** As a share of the picture's diagonal; 0 where the file does not say it. */
  static double share(byte[] file) {
    try {
      ExifSubIFDDirectory exif =
          JpegMetadataReader.readMetadata(new ByteArrayInputStream(file), EXIF)
              .getFirstDirectoryOfType(ExifSubIFDDirectory.class);
      Integer mm =
          exif == null
              ? null
              : exif.getInteger(ExifSubIFDDirectory.TAG_35MM_FILM_EQUIV_FOCAL_LENGTH);
      return mm == null || mm < SHORTEST_MM || mm > LONGEST_MM ? 0 : mm / FILM_MM;
    } catch (JpegProcessingException | IOException | RuntimeException e) {
      return 0;
    }
  }
}
