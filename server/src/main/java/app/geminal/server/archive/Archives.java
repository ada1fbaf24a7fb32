package app.geminal.server.archive;

import app.geminal.check.BadValue;
import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
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

  /** Whether an archive can be taken in: there is nobody and nothing here. */
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
        items.add(writeTable(zip, table, photos));
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

  private Manifest.Item writeTable(ZipOutputStream zip, String table, Path photos)
      throws IOException {
    String name = "tables/" + table + ".jsonl";
    zip.putNextEntry(new ZipEntry(name));
    DigestOutputStream digest = new DigestOutputStream(zip, sha256());
    BufferedWriter lines =
        new BufferedWriter(new OutputStreamWriter(digest, StandardCharsets.UTF_8));
    long rows =
        tables.write(
            table,
            lines,
            (id, bytes) -> {
              if (TableRepository.PHOTO_ID.matcher(id).matches()) {
                Files.write(photos.resolve(id + ".jpg"), bytes);
              }
            });
    lines.flush();
    zip.closeEntry();
    return new Manifest.Item(name, rows, hex(digest.getMessageDigest()));
  }

  private static Manifest.Item writePhoto(ZipOutputStream zip, Path photo) throws IOException {
    String name = "photos/" + photo.getFileName();
    zip.putNextEntry(new ZipEntry(name));
    byte[] bytes = Files.readAllBytes(photo);
    zip.write(bytes);
    zip.closeEntry();
    MessageDigest digest = sha256();
    digest.update(bytes);
    return new Manifest.Item(name, 1, hex(digest));
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
   * Takes an archive into an empty shop: all of it, or nothing.
   *
   * @throws BadValue when the shop is not empty, or the archive is not whole
   */
  @Transactional
  public Manifest read(Path archive) throws IOException {
    if (!tables.areEmpty()) {
      throw BadArchive.because("There is a shop here already; an archive goes into an empty one.");
    }
    try (ZipFile zip = new ZipFile(archive.toFile(), StandardCharsets.UTF_8)) {
      Manifest manifest = manifest(zip);
      verify(zip, manifest);
      for (String table : TableRepository.ALL) {
        try (BufferedReader lines =
            new BufferedReader(
                new InputStreamReader(
                    in(zip, "tables/" + table + ".jsonl"), StandardCharsets.UTF_8))) {
          tables.read(
              table,
              () -> lines.lines().iterator(),
              id -> in(zip, "photos/" + id + ".jpg").readAllBytes());
        }
      }
      return manifest;
    } catch (ZipException e) {
      throw BadArchive.because("This is no archive, or it is cut short.");
    } catch (JacksonException e) {
      throw BadArchive.because("A line of the archive is not JSON.");
    }
  }

  private Manifest manifest(ZipFile zip) throws IOException {
    Manifest manifest = json.readValue(in(zip, Manifest.NAME).readAllBytes(), Manifest.class);
    if (manifest.files() == null
        || manifest.files().stream().anyMatch(f -> f == null || f.name() == null)) {
      throw BadArchive.because("The archive's list of files is not complete.");
    }
    if (!Manifest.FORMAT.equals(manifest.format()) || manifest.version() != Manifest.VERSION) {
      throw BadArchive.because("This is no archive of a shop that this release can read.");
    }
    if (!tables.schema().equals(manifest.schema())) {
      throw BadArchive.because(
          "The archive was written by another release (tables of number %s, here %s). Take it in with that release, bring it up to date there and write it anew."
              .formatted(manifest.schema(), tables.schema()));
    }
    return manifest;
  }

  private static void verify(ZipFile zip, Manifest manifest) throws IOException {
    Set<String> named =
        manifest.files().stream().map(Manifest.Item::name).collect(Collectors.toSet());
    Set<String> there =
        zip.stream().map(ZipEntry::getName).collect(Collectors.toCollection(HashSet::new));
    there.remove(Manifest.NAME);
    if (!there.equals(named)) {
      throw BadArchive.because("The archive does not hold the files its list names.");
    }
    for (Manifest.Item item : manifest.files()) {
      MessageDigest digest = sha256();
      try (InputStream in = in(zip, item.name());
          OutputStream out = new DigestOutputStream(OutputStream.nullOutputStream(), digest)) {
        in.transferTo(out);
      }
      if (!hex(digest).equals(item.sha256())) {
        throw BadArchive.because("The file " + item.name() + " is not as it was written.");
      }
    }
  }

  private static InputStream in(ZipFile zip, String name) throws IOException {
    ZipEntry entry = zip.getEntry(name);
    if (entry == null) {
      throw BadArchive.because("The file " + name + " is missing.");
    }
    return zip.getInputStream(entry);
  }

  private static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String hex(MessageDigest digest) {
    return HexFormat.of().formatHex(digest.digest());
  }
}
