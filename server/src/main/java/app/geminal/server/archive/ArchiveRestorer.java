package app.geminal.server.archive;

import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.nio.file.Path;
import java.util.zip.ZipException;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;

/**
 * Takes an archive of this or any earlier release into an empty shop: all of it, or nothing. The
 * rows of an earlier one are first brought up to date in a database beside the shop's own, by the
 * same migrations that would have done it there.
 */
@Service
class ArchiveRestorer {
  private final Archives archives;
  private final StagingDatabases beside;

  ArchiveRestorer(Archives archives, StagingDatabases beside) {
    this.archives = archives;
    this.beside = beside;
  }

  /**
   * Takes it in.
   *
   * @throws InvalidValue when the shop is not empty, the archive is not whole, or a later release
   *     wrote it
   */
  void takeIn(Path archive) throws IOException {
    archives.requireEmpty();
    String here = archives.schema();
    try (ArchiveFile file = ArchiveFile.open(archive)) {
      String there = file.manifest().schema();
      if (number(there) > number(here)) {
        throw BadArchive.because(
            ArchiveText.LATER_ARCHIVE.with(
                "there", String.valueOf(there), "here", String.valueOf(here)));
      }
      if (there.equals(here)) {
        archives.takeIn(file);
      } else {
        takeIn(file, there);
      }
    } catch (ZipException e) {
      throw BadArchive.because(ArchiveText.THIS_IS_NOT_ARCHIVE_OR_IT.with());
    } catch (JacksonException e) {
      throw BadArchive.because(ArchiveText.LINE_OF_ARCHIVE_IS_NOT_JSON.with());
    }
  }

  private void takeIn(ArchiveFile file, String schema) throws IOException {
    try (StagingRepository restored = beside.open("_restoring")) {
      restored.bringTo(schema);
      file.into(restored.tables());
      restored.bringUpToDate();
      archives.takeOver(restored.name());
    }
  }

  private static int number(String schema) {
    if (!schema.matches("[1-9]\\d{0,5}")) {
      throw BadArchive.because(ArchiveText.ARCHIVE_DOES_NOT_SAY_WHICH_RELEASE.with());
    }
    return Integer.parseInt(schema);
  }
}
