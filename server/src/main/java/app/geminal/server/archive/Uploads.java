package app.geminal.server.archive;

import app.geminal.server.problem.NotFound;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.UUID;
import java.util.zip.ZipException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import tools.jackson.core.JacksonException;

/** The archive that was sent last, looked into before anyone decides; kept until the next. */
@Service
class Uploads {
  private final Archives archives;
  private final ArchiveRestorer restores;
  private @Nullable Upload last;

  Uploads(Archives archives, ArchiveRestorer restores) {
    this.archives = archives;
    this.restores = restores;
  }

  /** A file that was sent, and what is in it. */
  private record Upload(Path file, Contents contents) {}

  /**
   * What is in an archive.
   *
   * @param id names what was sent when it is restored
   * @param madeAt when it was made
   * @param schema number of its tables; a release reads those of any earlier
   * @param schemaHere number of the tables of this release
   * @param billets billets in it
   * @param welds welds in it
   * @param entries inspections, repairs, measurements in it
   * @param sessions sessions in it
   * @param photographs photographs in it
   * @param people people in it
   * @param empty whether this shop is empty, so that the archive can be restored into it
   */
  record Contents(
      String id,
      Instant madeAt,
      String schema,
      String schemaHere,
      long billets,
      long welds,
      long entries,
      long sessions,
      long photographs,
      long people,
      boolean empty) {}

  /**
   * Keeps an archive and says what is in it.
   *
   * @throws app.geminal.validation.InvalidValue when it is none, or not whole
   */
  synchronized Contents take(InputStream sent) {
    forget();
    try {
      Path file = Files.createTempFile("geminal-archive", ".zip");
      Upload upload = null;
      try {
        Files.copy(sent, file, StandardCopyOption.REPLACE_EXISTING);
        upload = new Upload(file, contents(file));
      } finally {
        if (upload == null) {
          Files.deleteIfExists(file);
        }
      }
      last = upload;
      return upload.contents();
    } catch (ZipException e) {
      throw BadArchive.because(ArchiveText.THIS_IS_NOT_ARCHIVE_OR_IT.with());
    } catch (JacksonException e) {
      throw BadArchive.because(ArchiveText.ARCHIVE_LIST_FILES_NOT_JSON.with());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private Contents contents(Path file) throws IOException {
    try (ArchiveFile archive = ArchiveFile.open(file)) {
      Manifest manifest = archive.manifest();
      return new Contents(
          UUID.randomUUID().toString(),
          manifest.madeAt(),
          manifest.schema(),
          archives.schema(),
          rows(manifest, "billet"),
          rows(manifest, "weld"),
          rows(manifest, "book_entry"),
          rows(manifest, "fire_session"),
          rows(manifest, "photo"),
          rows(manifest, "account"),
          archives.isEmpty());
    }
  }

  private static long rows(Manifest manifest, String table) {
    return manifest.files().stream()
        .filter(f -> f.name().equals("tables/" + table + ".jsonl"))
        .mapToLong(Manifest.Item::rows)
        .sum();
  }

  /**
   * Restores what was sent, into an empty shop: all of it, or nothing.
   *
   * @throws NotFound when something else was sent meanwhile
   */
  synchronized void restore(String id) {
    Upload upload = last;
    if (upload == null || !upload.contents().id().equals(id)) {
      throw new NotFound(ArchiveText.THIS_ARCHIVE_IS_NO_LONGER.with());
    }
    try {
      restores.takeIn(upload.file());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    forget();
  }

  @PreDestroy
  synchronized void forget() {
    Upload upload = last;
    last = null;
    if (upload != null) {
      try {
        Files.deleteIfExists(upload.file());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }
}
