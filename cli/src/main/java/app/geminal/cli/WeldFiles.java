package app.geminal.cli;

import app.geminal.evidence.WeldObservation;
import app.geminal.library.file.RefusedFile;
import app.geminal.library.welds.BookFiles;
import app.geminal.library.welds.SharedWeldsFiles;
import app.geminal.pooling.SharedWelds;
import app.geminal.units.Units;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Files of welds given on the command line. */
final class WeldFiles {
  private WeldFiles() {}

  static List<WeldObservation> book(Path file) {
    return read(file, BookFiles::welds);
  }

  static SharedWelds shared(Path file) {
    return read(file, SharedWeldsFiles::read);
  }

  static void write(Path file, String text) {
    try {
      Files.writeString(file, text, StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UnusableInput(
          CliText.CANNOT_WRITE.with("file", file.toString()).read(Units.METRIC));
    }
  }

  private interface Reading<T> {
    T of(String text) throws RefusedFile;
  }

  private static <T> T read(Path file, Reading<T> reading) {
    try {
      return reading.of(Files.readString(file, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UnusableInput(CliText.NO_FILE.with("file", file.toString()).read(Units.METRIC));
    } catch (RefusedFile refused) {
      throw new UnusableInput(
          file
              + ": "
              + CliText.at(refused.fault().pointer(), refused.fault().reason()).read(Units.METRIC));
    }
  }
}
