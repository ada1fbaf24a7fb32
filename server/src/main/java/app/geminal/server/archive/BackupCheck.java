package app.geminal.server.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Proves a backup: restores it into a database beside the shop's, writes that one out again and
 * compares every file with the backup's.
 */
@Component
class BackupCheck {
  private static final String SUFFIX = "_checking";

  private final StagingDatabases beside;

  BackupCheck(StagingDatabases beside) {
    this.beside = beside;
  }

  /**
   * Restores and compares.
   *
   * @return how many files were compared
   * @throws app.geminal.validation.InvalidValue when it cannot be restored or differs
   */
  int restoreAndCompare(Path backup) throws IOException {
    try (ArchiveFile file = ArchiveFile.open(backup);
        StagingRepository restored = beside.open(SUFFIX)) {
      restored.bringTo(file.manifest().schema());
      file.into(restored.tables());
      Set<Manifest.Item> different = new HashSet<>(items(restored.tables()));
      for (Manifest.Item item : file.manifest().files()) {
        if (!different.remove(item)) {
          different.add(item);
        }
      }
      if (!different.isEmpty()) {
        throw BadArchive.because(
            ArchiveText.RESTORED_DIFFERENTLY.with("file", different.iterator().next().name()));
      }
      return file.manifest().files().size();
    }
  }

  /** What an archive of these tables would have. */
  private static List<Manifest.Item> items(TableRepository tables) throws IOException {
    List<Manifest.Item> items = new ArrayList<>();
    for (String table : TableRepository.ALL) {
      if (tables.has(table)) {
        items.add(
            Archives.write(
                tables,
                table,
                OutputStream.nullOutputStream(),
                (id, bytes) -> items.add(Archives.photo(id + ".jpg", bytes))));
      }
    }
    return items;
  }
}
