package app.geminal.vision;

import app.geminal.validation.InvalidValue;

/**
 * What a JPEG says before it is decoded. A progressive one is held whole by the decoder, and one
 * with thousands of scans takes minutes; cameras make neither at any size that matters here.
 */
final class JpegMarkers {
  private static final int MOST_SCANS = 64;
  private static final long MOST_PROGRESSIVE_PIXELS = 24_000_000;
  private static final int MARKER = 0xff;
  private static final int START_OF_IMAGE = 0xd8;
  private static final int END_OF_IMAGE = 0xd9;
  private static final int START_OF_SCAN = 0xda;
  private static final int PROGRESSIVE = 0xc2;

  private JpegMarkers() {}

  /**
   * Looks through a file; one that is no JPEG is left to others.
   *
   * @throws InvalidValue for a JPEG that no camera makes
   */
  static void requirePhotograph(byte[] file) {
    if (file.length < 4 || at(file, 0) != MARKER || at(file, 1) != START_OF_IMAGE) {
      return;
    }
    int scans = 0;
    int i = 2;
    while (i + 3 < file.length) {
      if (at(file, i) != MARKER || !isMarker(at(file, i + 1))) {
        i++;
        continue;
      }
      int marker = at(file, i + 1);
      if (marker == END_OF_IMAGE) {
        return;
      }
      if (marker == START_OF_SCAN && ++scans > MOST_SCANS) {
        throw new InvalidValue("photo", VisionText.NOT_A_CAMERA_JPEG.with());
      }
      if (marker == PROGRESSIVE && i + 8 < file.length) {
        long pixels = (long) two(file, i + 5) * two(file, i + 7);
        if (pixels > MOST_PROGRESSIVE_PIXELS) {
          throw new InvalidValue(
              "photo",
              VisionText.PROGRESSIVE_TOO_LARGE.with(
                  "millions", pixels / 1_000_000, "most", MOST_PROGRESSIVE_PIXELS / 1_000_000));
        }
      }
      i += 2 + two(file, i + 2);
    }
  }

  /** Neither a stuffed byte nor a restart, which stand within a scan. */
  private static boolean isMarker(int code) {
    return code > 0x01 && code != MARKER && (code < 0xd0 || code > 0xd7);
  }

  private static int at(byte[] file, int i) {
    return file[i] & 0xff;
  }

  private static int two(byte[] file, int i) {
    return i + 1 < file.length ? at(file, i) << 8 | at(file, i + 1) : 0;
  }
}
