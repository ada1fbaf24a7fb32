package app.geminal.vision;

import com.drew.imaging.jpeg.JpegMetadataReader;
import com.drew.imaging.jpeg.JpegProcessingException;
import com.drew.imaging.jpeg.JpegSegmentMetadataReader;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** What a camera wrote into a JPEG beside the picture. */
final class Exif {
  /** Only this of all that may be in a file is ever unpacked. */
  private static final List<JpegSegmentMetadataReader> EXIF = List.of(new ExifReader());

  private Exif() {}

  /** One part of it; empty where a file has none, is damaged or is no JPEG. */
  static <D extends Directory> Optional<D> directory(byte[] file, Class<D> part) {
    try {
      return Optional.ofNullable(
          JpegMetadataReader.readMetadata(new ByteArrayInputStream(file), EXIF)
              .getFirstDirectoryOfType(part));
    } catch (JpegProcessingException | IOException | RuntimeException unreadable) {
      return Optional.empty();
    }
  }
}
