package app.geminal.server.archive;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A folder of backups. A file is there whole or not at all, and its name says when it was made; so
 * the folder alone says what there is, also on another machine. A backup that was restored and
 * compared has a file of the same name beside it that ends in {@code .checked}.
 */
public final class BackupFolder {
  private static final String ENDS = ".zip";
  private static final String CHECKED = ".checked";
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss").withZone(ZoneOffset.UTC);

  private final Path folder;
  private final String begins;

  /** One backup and when it was made. */
  record Backup(Path file, Instant at) {
    private Path mark() {
      String name = file.getFileName().toString();
      return file.resolveSibling(name.substring(0, name.length() - ENDS.length()) + CHECKED);
    }

    /** When it was restored and compared, empty where it was not. */
    Optional<Instant> checkedAt() throws IOException {
      if (!Files.exists(mark())) {
        return Optional.empty();
      }
      try {
        return Optional.of(Instant.parse(Files.readString(mark(), StandardCharsets.UTF_8).strip()));
      } catch (DateTimeParseException notOurs) {
        return Optional.empty();
      }
    }

    void markChecked(Instant at) throws IOException {
      Files.writeString(mark(), at + "\n", StandardCharsets.UTF_8);
    }
  }

  /**
   * Backups of one kind in a folder.
   *
   * @param begins what their names begin with
   */
  public BackupFolder(Path folder, String begins) {
    this.folder = folder;
    this.begins = begins;
  }

  /** Where a backup of this moment belongs. */
  public Path fileFor(Instant at) {
    return folder.resolve(begins + TIME.format(at) + ENDS);
  }

  /** All of them, newest first; others' files in the folder are left alone. */
  List<Backup> all() throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (var files = Files.list(folder)) {
      return files
          .flatMap(f -> at(f).map(at -> new Backup(f, at)).stream())
          .sorted(Comparator.comparing(Backup::at).reversed())
          .toList();
    }
  }

  private Optional<Instant> at(Path file) {
    String name = file.getFileName().toString();
    if (!name.startsWith(begins) || !name.endsWith(ENDS)) {
      return Optional.empty();
    }
    try {
      String time = name.substring(begins.length(), name.length() - ENDS.length());
      return Optional.of(TIME.parse(time, Instant::from));
    } catch (DateTimeParseException notOurs) {
      return Optional.empty();
    }
  }

  /** Lets all go but the newest, and never the newest one that was compared. */
  public void keep(int most) throws IOException {
    List<Backup> all = all();
    Optional<Backup> proven = Optional.empty();
    for (Backup backup : all) {
      if (proven.isEmpty() && backup.checkedAt().isPresent()) {
        proven = Optional.of(backup);
      }
    }
    for (Backup old : all.subList(Math.min(most, all.size()), all.size())) {
      if (!Optional.of(old).equals(proven)) {
        Files.deleteIfExists(old.mark());
        Files.delete(old.file());
      }
    }
  }
}
