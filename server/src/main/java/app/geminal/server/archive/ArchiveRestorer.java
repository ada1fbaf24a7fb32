package app.geminal.server.archive;

import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.nio.file.Path;
import java.util.zip.ZipException;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
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

  /** None where a backup is made, which must not migrate. */
  private final ObjectProvider<Flyway> flyway;

  private final String url;
  private final String user;
  private final String password;

  ArchiveRestorer(
      Archives archives,
      ObjectProvider<Flyway> flyway,
      @Value("${spring.flyway.url}") String url,
      @Value("${spring.flyway.user}") String user,
      @Value("${spring.flyway.password}") String password) {
    this.archives = archives;
    this.flyway = flyway;
    this.url = url;
    this.user = user;
    this.password = password;
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
    try (StagingRepository beside =
        new StagingRepository(flyway.getObject(), url, user, password, "_restoring")) {
      beside.bringTo(schema);
      file.into(beside.tables());
      beside.bringUpToDate();
      archives.takeOver(beside.name());
    }
  }

  private static int number(String schema) {
    if (!schema.matches("[1-9]\\d{0,5}")) {
      throw BadArchive.because(ArchiveText.ARCHIVE_DOES_NOT_SAY_WHICH_RELEASE.with());
    }
    return Integer.parseInt(schema);
  }
}
