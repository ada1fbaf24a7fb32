package app.geminal.vision;

import com.drew.metadata.exif.ExifSubIFDDirectory;

/** The focal length of the lens, as a camera writes it into a JPEG: that on 35 mm film. */
final class ExifFocal {
  /** From corner to corner of 24 by 36 mm. */
  private static final double FILM_MM = Math.hypot(24, 36);

  private static final double SHORTEST_MM = 8;
  private static final double LONGEST_MM = 1200;

  private ExifFocal() {}

  /** As a share of the picture's diagonal; 0 where the file does not say it. */
  static double share(byte[] file) {
    return Exif.directory(file, ExifSubIFDDirectory.class)
        .map(exif -> exif.getInteger(ExifSubIFDDirectory.TAG_35MM_FILM_EQUIV_FOCAL_LENGTH))
        .filter(mm -> mm >= SHORTEST_MM && mm <= LONGEST_MM)
        .map(mm -> mm / FILM_MM)
        .orElse(0.0);
  }
}
