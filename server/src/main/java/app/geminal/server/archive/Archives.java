package app.geminal.server.archive;

import app.geminal.validation.InvalidValue;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes the shop into an archive and takes one in. Both see the database in one transaction: an
 * archive is the shop at one moment, and one that breaks off while it is taken in leaves nothing.
 */
@Service
public class Archives {
  private final TableRepository tables;
  private final Clock clock;
  private final JsonMapper json =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  Archives(TableRepository tables, Clock clock) {
    this.tables = tables;
    this.clock = clock;
  }

  /** Whether an archive can be taken in: there is no one and nothing here. */
  @Transactional(readOnly = true)
  public boolean isShopEmpty() {
    return tables.areEmpty();
  }

  /** Writes the whole shop; the stream stays open. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public void write(OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    List<Manifest.Item> items = new ArrayList<>();
    Path photos = Files.createTempDirectory("geminal-photos");
    try {
      for (String table : TableRepository.ALL) {
        // An upgrade has not made all of them yet.
        if (tables.has(table)) {
          items.add(writeTable(zip, table, photos));
        }
      }
      try (var files = Files.list(photos)) {
        for (Path photo : files.sorted().toList()) {
          items.add(writePhoto(zip, photo));
        }
      }
      zip.putNextEntry(new ZipEntry(Manifest.NAME));
      zip.write(
          json.writeValueAsBytes(
              new Manifest(
                  Manifest.FORMAT,
                  Manifest.VERSION,
                  tables.schema(),
                  clock.instant().truncatedTo(ChronoUnit.SECONDS),
                  items)));
      zip.closeEntry();
      zip.finish();
    } finally {
      remove(photos);
    }
  }

  /**
   * Writes the whole shop into a file, without the rest of the application; beside its place first,
   * so that one that breaks off takes no older one with it.
   *
   * @param flyway of the shop, which is of this release or an earlier one
   */
  public static void backUp(Flyway flyway, Path file) throws IOException {
    TableRepository.atOneMoment(
        flyway, tables -> new Archives(tables, Clock.systemUTC()).write(file));
  }

  /** The same as {@link #write(OutputStream)} into a file, beside its place first. */
  void write(Path file) throws IOException {
    Path part = file.resolveSibling(file.getFileName() + ".part");
    try (OutputStream out = Files.newOutputStream(part)) {
      write(out);
    }
    Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
  }

  private Manifest.Item writeTable(ZipOutputStream zip, String table, Path photos)
      throws IOException {
    zip.putNextEntry(new ZipEntry(nameOf(table)));
    Manifest.Item item =
        write(
            tables,
            table,
            zip,
            (id, bytes) -> {
              if (TableRepository.PHOTO_ID.matcher(id).matches()) {
                Files.write(photos.resolve(id + ".jpg"), bytes);
              }
            });
    zip.closeEntry();
    return item;
  }

  private static String nameOf(String table) {
    return "tables/" + table + ".jsonl";
  }

  /** Writes a table as it is in an archive; the stream stays open. */
  static Manifest.Item write(
      TableRepository tables, String table, OutputStream out, TableRepository.Blobs blobs)
      throws IOException {
    DigestOutputStream digest = new DigestOutputStream(out, Checksums.sha256());
    BufferedWriter lines =
        new BufferedWriter(new OutputStreamWriter(digest, StandardCharsets.UTF_8));
    long rows = tables.write(table, lines, blobs);
    lines.flush();
    return new Manifest.Item(nameOf(table), rows, Checksums.hex(digest.getMessageDigest()));
  }

  /** A photograph as it is in an archive. */
  static Manifest.Item photo(String file, byte[] bytes) {
    MessageDigest digest = Checksums.sha256();
    digest.update(bytes);
    return new Manifest.Item("photos/" + file, 1, Checksums.hex(digest));
  }

  private static Manifest.Item writePhoto(ZipOutputStream zip, Path photo) throws IOException {
    byte[] bytes = Files.readAllBytes(photo);
    Manifest.Item item = photo(photo.getFileName().toString(), bytes);
    zip.putNextEntry(new ZipEntry(item.name()));
    zip.write(bytes);
    zip.closeEntry();
    return item;
  }

  private static void remove(Path folder) throws IOException {
    try (var files = Files.list(folder)) {
      for (Path file : files.toList()) {
        Files.delete(file);
      }
    }
    Files.delete(folder);
  }

  /**
   * Takes an archive of this release into the shop: all of it, or nothing.
   *
   * @throws InvalidValue when the shop is not empty, or a row cannot be meant
   */
  @Transactional
  public void takeIn(ArchiveFile file) throws IOException {
    requireEmpty();
    file.into(tables);
  }

  /**
   * Takes all rows of another database with the same tables into the shop: all of them, or none.
   *
   * @throws InvalidValue when the shop is not empty
   */
  @Transactional
  public void takeOver(String database) {
    requireEmpty();
    tables.takeOver(database);
  }

  /** The number of the tables here. */
  String schema() {
    return tables.schema();
  }

  /** Whether there is no shop here yet. */
  boolean isEmpty() {
    return tables.areEmpty();
  }

  /** An archive enters an empty shop. */
  void requireEmpty() {
    if (!isEmpty()) {
      throw BadArchive.because(ArchiveText.THERE_IS_ALREADY_SHOP_HERE.with());
    }
  }
}
