package app.geminal.server.opening;

import app.geminal.server.archive.Archives;
import app.geminal.server.archive.BackupFolder;
import app.geminal.units.Text;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Objects;
import org.flywaydb.core.Flyway;
import org.springframework.dao.DataAccessException;

/** Backups of a shop as it was before its tables were changed; the last five are kept. */
final class UpgradeBackups {
  private static final int KEPT = 5;
  private static final String NAMED = "before-upgrade-";

  private final String folder;
  private final Clock clock;

  /**
   * Backups in a folder.
   *
   * @param folder or empty where there is none, and so no upgrade
   */
  UpgradeBackups(String folder, Clock clock) {
    this.folder = folder;
    this.clock = clock;
  }

  /**
   * Writes one and lets the oldest go.
   *
   * @return its file
   * @throws NotOpened when it cannot be written
   */
  String write(Flyway flyway) {
    if (folder.isEmpty()) {
      throw new NotOpened(
          "This shop is from an earlier release. It must be backed up before the upgrade, and no backup folder is set.",
          "Set geminal.backups to a folder, or start it with bin/start.");
    }
    BackupFolder backups = new BackupFolder(Path.of(folder), NAMED);
    Path file = backups.fileFor(clock.instant());
    try {
      Files.createDirectories(file.getParent());
      Archives.backUp(flyway, file);
      backups.keep(KEPT);
    } catch (IOException | UncheckedIOException | DataAccessException e) {
      throw new NotOpened(
          Text.of(
              "This shop is from an earlier release and cannot be backed up to %s: %s",
              file, Objects.requireNonNullElse(e.getMessage(), e.getClass().getSimpleName())),
          "Free space there, or set another folder with geminal.backups. Nothing was changed.");
    }
    return file.toString();
  }
}
