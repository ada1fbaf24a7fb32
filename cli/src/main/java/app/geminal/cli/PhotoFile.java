package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.vision.Photograph;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A photograph given on the command line. */
final class PhotoFile {
  private PhotoFile() {}

  static Photograph read(Path photo) {
    byte[] file;
    try {
      file = Files.readAllBytes(photo);
    } catch (IOException e) {
      throw new UnusableInput(CliText.NO_FILE.with("file", photo.toString()).read(Units.METRIC));
    }
    return Photograph.read(file);
  }
}
