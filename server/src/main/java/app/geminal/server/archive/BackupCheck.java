package app.geminal.server.archive;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.util.HashMap;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Proves a backup: restores it into a database beside the shop's, writes that one out again and
 * compares every file with the backup's.
 */
@Component
class BackupCheck {
  private static final String BESIDE = "_checking";

  private final ObjectProvider<Flyway> flyway;
  private final String url;
  private final String user;
  private final String password;

  BackupCheck(
      ObjectProvider<Flyway> flyway,
      @Value("${spring.flyway.url}") String url,
      @Value("${spring.flyway.user}") String user,
      @Value("${spring.flyway.password}") String password) {
    this.flyway = flyway;
    this.url = url;
    this.user = user;
    this.password = password;
  }

  /**
   * Restores and compares.
   *
   * @return how many files were compared
   * @throws app.geminal.validation.InvalidValue when it cannot be restored or differs
   */
  int restoreAndCompare(Path backup) throws IOException {
    try (ArchiveFile file = ArchiveFile.open(backup);
        StagingRepository beside =
            new StagingRepository(flyway.getObject(), url, user, password, BESIDE)) {
      beside.bringTo(file.manifest().schema());
      file.into(beside.tables());
      Map<String, String> restored = sums(beside.tables());
      for (Manifest.Item item : file.manifest().files()) {
        if (!item.sha256().equals(restored.remove(item.name()))) {
          throw BadArchive.because(ArchiveText.RESTORED_DIFFERENTLY.with("file", item.name()));
        }
      }
      if (!restored.isEmpty()) {
        throw BadArchive.because(
            ArchiveText.RESTORED_DIFFERENTLY.with("file", restored.keySet().iterator().next()));
      }
      return file.manifest().files().size();
    }
  }

  /** The sums of all files an archive of these tables would have. */
  private static Map<String, String> sums(TableRepository tables) throws IOException {
    Map<String, String> sums = new HashMap<>();
    for (String table : TableRepository.ALL) {
      if (tables.has(table)) {
        DigestOutputStream digest =
            new DigestOutputStream(OutputStream.nullOutputStream(), Checksums.sha256());
        try (BufferedWriter lines =
            new BufferedWriter(new OutputStreamWriter(digest, StandardCharsets.UTF_8))) {
          tables.write(table, lines, (id, bytes) -> sums.put("photos/" + id + ".jpg", sum(bytes)));
        }
        sums.put("tables/" + table + ".jsonl", Checksums.hex(digest.getMessageDigest()));
      }
    }
    return sums;
  }

  private static String sum(byte[] bytes) {
    MessageDigest digest = Checksums.sha256();
    digest.update(bytes);
    return Checksums.hex(digest);
  }
}
