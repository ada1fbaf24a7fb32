package app.geminal.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.TestShop;
import app.geminal.server.Visitor;
import app.geminal.validation.InvalidValue;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.util.FileSystemUtils;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ArchiveTest {
  /** What the demo shop has in tables that release 13 did not have. */
  private static final List<String> SINCE_13 = List.of("pooled_record");

  private Path folder;
  private TestShop full;
  private TestShop empty;
  private Path archive;

  @BeforeAll
  void open() throws IOException {
    folder = Files.createTempDirectory("geminal-archives");
    full = TestShop.demo();
    empty = TestShop.empty();
    Visitor smith = full.smith();
    int entry =
        smith
            .post(
                "/api/v1/billets/1/entries",
                """
                {"treated": {"kind": "ETCHED", "at": "2026-05-01T10:00:00Z", "cycles": 3,
                  "note": "“dark”, ≥ 3 cycles\\nand coffee"}}\
                """)
            .at("$.id");
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", png);
    smith.send(
        "POST",
        "/api/v1/book/entries/" + entry + "/photos",
        "image/png",
        BodyPublishers.ofByteArray(png.toByteArray()));
    archive = folder.resolve("shop.zip");
    write(full, archive);
  }

  @AfterAll
  void close() throws IOException {
    full.close();
    empty.close();
    FileSystemUtils.deleteRecursively(folder);
  }

  private static void write(TestShop shop, Path file) throws IOException {
    try (OutputStream out = Files.newOutputStream(file)) {
      shop.bean(Archives.class).write(out);
    }
  }

  private static Map<String, String> contents(Path file) throws IOException {
    Map<String, String> contents = new TreeMap<>();
    try (ZipFile zip = new ZipFile(file.toFile())) {
      for (ZipEntry e : zip.stream().toList()) {
        contents.put(
            e.getName(),
            new String(zip.getInputStream(e).readAllBytes(), StandardCharsets.ISO_8859_1));
      }
    }
    return contents;
  }

  /** The same archive with one file changed; its list still names the old sum. */
  private Path changed(String name, UnaryOperator<String> change) throws IOException {
    Path file = folder.resolve("changed-" + name.replace('/', '-') + ".zip");
    Map<String, String> all = new LinkedHashMap<>(contents(archive));
    all.computeIfPresent(name, (_, text) -> change.apply(text));
    return zipped(file, all);
  }

  private static Path zipped(Path file, Map<String, String> contents) throws IOException {
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      for (Map.Entry<String, String> e : contents.entrySet()) {
        zip.putNextEntry(new ZipEntry(e.getKey()));
        zip.write(e.getValue().getBytes(StandardCharsets.ISO_8859_1));
        zip.closeEntry();
      }
    }
    return file;
  }

  /** The same with a list that agrees with it, as someone who means it would write it. */
  private Path forged(String name, UnaryOperator<String> change) throws IOException {
    byte[] bytes = change.apply(contents(archive).get(name)).getBytes(StandardCharsets.ISO_8859_1);
    Path once = changed(name, change);
    String sum = HexFormat.of().formatHex(sha256(bytes));
    Map<String, String> all = new LinkedHashMap<>(contents(once));
    all.computeIfPresent(
        "manifest.json",
        (_, text) ->
            text.replaceFirst(
                "(\"name\" : \"%s\",\\s*\"rows\" : \\d+,\\s*\"sha256\" : \")[0-9a-f]+"
                    .formatted(name),
                "$1" + sum));
    return zipped(folder.resolve("forged-" + name.replace('/', '-') + ".zip"), all);
  }

  private static byte[] sha256(byte[] bytes) {
    try {
      return MessageDigest.getInstance("SHA-256").digest(bytes);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void aBackupThatIsRestoredDifferentlyIsNotProven() throws IOException {
    BackupCheck check = full.bean(BackupCheck.class);
    assertThat(check.restoreAndCompare(archive)).isGreaterThan(TableRepository.ALL.size());
    // The same rows, but not the same bytes.
    Path spaced = forged("tables/billet.jsonl", text -> text.replaceFirst("\\{", "{ "));
    assertThatThrownBy(() -> check.restoreAndCompare(spaced))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining("tables/billet.jsonl of the backup is restored differently");
  }

  private void refused(Path file, String why) {
    assertThatThrownBy(() -> empty.bean(ArchiveRestorer.class).takeIn(file))
        .isInstanceOf(InvalidValue.class)
        .hasMessageContaining(why);
    assertThat(empty.bean(Archives.class).isShopEmpty()).isTrue();
  }

  @Test
  void outAndIntoAnEmptyShopIsTheSameShop() throws IOException {
    refused(
        changed("tables/weld.jsonl", t -> t.replaceFirst("HELD", "OPEN")), "not as it was written");
    refused(
        changed("manifest.json", t -> t.replace("geminal-shop", "other")),
        "not an archive this release can read");
    refused(ofSchema("1"), "tables/account.jsonl has columns that its release did not have");
    refused(ofSchema("99"), "written by a later release (tables 99");
    refused(ofSchema("x"), "does not say which release");
    Path half = folder.resolve("half.zip");
    byte[] bytes = Files.readAllBytes(archive);
    Files.write(half, java.util.Arrays.copyOf(bytes, bytes.length / 2));
    refused(half, "incomplete");
    refused(
        forged("tables/photo.jsonl", t -> t.replaceFirst("\"id\":\"[^\"]+\"", "\"id\":\"../x\"")),
        "an invalid id");
    refused(
        forged("tables/account.jsonl", t -> t.replace("\"role\":\"OWNER\"", "\"role\":\"KING\"")),
        "a role that this release does not know");
    refused(
        changed(
            "manifest.json", t -> t.replaceFirst("(?s)\"files\" : \\[.*\\]", "\"files\" : null")),
        "not complete");
    empty.bean(ArchiveRestorer.class).takeIn(archive);
    Path again = folder.resolve("again.zip");
    write(empty, again);
    Map<String, String> one = contents(archive);
    Map<String, String> other = contents(again);
    one.remove("manifest.json");
    other.remove("manifest.json");
    assertThat(other).isEqualTo(one);
    assertThat(one.keySet()).anyMatch(n -> n.startsWith("photos/"));
    for (String table : TableRepository.ALL) {
      assertThat(empty.dump(table)).as(table).isEqualTo(full.dump(table));
    }
    assertThat(empty.smith().get("/api/v1/billets").body())
        .as("the smith signs in with the old password")
        .isEqualTo(full.smith().get("/api/v1/billets").body());
    assertThatThrownBy(() -> empty.bean(ArchiveRestorer.class).takeIn(archive))
        .hasMessageContaining("There is already a shop here");
  }

  /** The same archive, said to be of another release. */
  private Path ofSchema(String schema) throws IOException {
    // Tables 17 gave people units of their own for single quantities.
    Path older =
        schema.equals("13")
            ? forged("tables/account.jsonl", t -> t.replaceAll(",\"units_chosen\":\"\\{}\"", ""))
            : archive;
    Map<String, String> all = new LinkedHashMap<>(contents(older));
    all.computeIfPresent(
        "manifest.json",
        (_, t) -> t.replaceFirst("\"schema\" : \"\\d+\"", "\"schema\" : \"" + schema + "\""));
    return zipped(folder.resolve("schema-" + schema + ".zip"), all);
  }

  /** What a shop had comes out the same, whatever tables have got since. */
  @Test
  void anArchiveOfAnEarlierReleaseIsBroughtUpToDateOnItsWayIn() throws IOException {
    try (TestShop later = TestShop.empty()) {
      later.bean(ArchiveRestorer.class).takeIn(ofSchema("13"));
      for (String table : TableRepository.ALL) {
        if (SINCE_13.contains(table)) {
          assertThat(later.dump(table)).as(table).isEmpty();
        } else {
          assertThat(later.dump(table)).as(table).isEqualTo(full.dump(table));
        }
      }
      assertThat(later.stagingDatabases()).as("nothing is left over").isEmpty();
      assertThatThrownBy(() -> later.bean(ArchiveRestorer.class).takeIn(ofSchema("13")))
          .hasMessageContaining("There is already a shop here");
    }
  }

  @Test
  void everyTableIsInItButSignInsUnderWay() {
    assertThat(full.tables())
        .containsExactlyInAnyOrderElementsOf(
            java.util.stream.Stream.concat(
                    TableRepository.ALL.stream(),
                    java.util.stream.Stream.of(
                        "SPRING_SESSION",
                        "SPRING_SESSION_ATTRIBUTES",
                        "api_token",
                        "flyway_schema_history",
                        "request_once",
                        "shop_lease"))
                .toList());
  }
}
