package app.geminal.server.archive;

import app.geminal.validation.InvalidValue;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import tools.jackson.databind.json.JsonMapper;

/** An archive being read; it is whole, every file as its list says. */
final class ArchiveFile implements AutoCloseable {
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final ZipFile zip;
  private final Manifest manifest;

  private ArchiveFile(ZipFile zip, Manifest manifest) {
    this.zip = zip;
    this.manifest = manifest;
  }

  /**
   * Opens an archive and looks through all of it.
   *
   * @throws InvalidValue when it is not whole
   * @throws ZipException when it is no archive
   */
  static ArchiveFile open(Path archive) throws IOException {
    ZipFile zip = new ZipFile(archive.toFile(), StandardCharsets.UTF_8);
    try {
      Manifest manifest = manifest(zip);
      verify(zip, manifest);
      return new ArchiveFile(zip, manifest);
    } catch (IOException | RuntimeException e) {
      zip.close();
      throw e;
    }
  }

  Manifest manifest() {
    return manifest;
  }

  /** Puts its rows into empty tables of the release it is of. */
  void into(TableRepository tables) throws IOException {
    for (String table : TableRepository.ALL) {
      // Its release may not have had all of them.
      if (tables.has(table)) {
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
    }
  }

  private static Manifest manifest(ZipFile zip) throws IOException {
    Manifest manifest = JSON.readValue(in(zip, Manifest.NAME).readAllBytes(), Manifest.class);
    if (manifest.files() == null
        || manifest.schema() == null
        || manifest.files().stream().anyMatch(f -> f == null || f.name() == null)) {
      throw BadArchive.because(ArchiveText.ARCHIVE_LIST_OF_FILES.with());
    }
    if (!Manifest.FORMAT.equals(manifest.format()) || manifest.version() != Manifest.VERSION) {
      throw BadArchive.because(ArchiveText.THIS_IS_NOT_ARCHIVE_THIS_RELEASE.with());
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
      throw BadArchive.because(ArchiveText.ARCHIVE_DOES_NOT_CONTAIN_FILES.with());
    }
    for (Manifest.Item item : manifest.files()) {
      MessageDigest digest = Checksums.sha256();
      try (InputStream in = in(zip, item.name());
          OutputStream out = new DigestOutputStream(OutputStream.nullOutputStream(), digest)) {
        in.transferTo(out);
      }
      if (!Checksums.hex(digest).equals(item.sha256())) {
        throw BadArchive.because(ArchiveText.FILE_CHANGED.with("file", item.name()));
      }
    }
  }

  private static InputStream in(ZipFile zip, String name) throws IOException {
    ZipEntry entry = zip.getEntry(name);
    if (entry == null) {
      throw BadArchive.because(ArchiveText.FILE_IS_MISSING.with("file", name));
    }
    return zip.getInputStream(entry);
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
