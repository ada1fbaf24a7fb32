package app.geminal.e2e.flows;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The whole shop out, and into an empty folder again; also when the power fails half-way. */
class ArchiveTest {
  private static final int BARS = 400_000;
  private static final String BARS_FILE = "tables/stock.jsonl";

  @TempDir Path folder;

  private static Map<String, byte[]> contents(Path archive) throws IOException {
    Map<String, byte[]> contents = new TreeMap<>();
    try (ZipFile zip = new ZipFile(archive.toFile())) {
      for (ZipEntry e : zip.stream().toList()) {
        contents.put(e.getName(), zip.getInputStream(e).readAllBytes());
      }
    }
    return contents;
  }

  private static void same(Path one, Path other) throws IOException {
    Map<String, byte[]> a = contents(one);
    Map<String, byte[]> b = contents(other);
    assertThat(b.keySet()).isEqualTo(a.keySet());
    a.forEach((name, bytes) -> {
      if (!name.equals("manifest.json")) {
        assertThat(b.get(name)).as(name).isEqualTo(bytes);
      }
    });
  }

  /** The archive with so many bars on the shelf that taking it in takes a while. */
  private Path heavy(Path archive) throws Exception {
    Map<String, byte[]> all = contents(archive);
    String bar =
        new String(all.get(BARS_FILE), StandardCharsets.UTF_8).lines().findFirst().orElseThrow();
    StringBuilder lines = new StringBuilder();
    for (int i = 1; i <= BARS; i++) {
      lines.append(bar.replaceFirst("\"id\":\\d+", "\"id\":" + i)).append('\n');
    }
    byte[] bars = lines.toString().getBytes(StandardCharsets.UTF_8);
    String manifest = new String(all.get("manifest.json"), StandardCharsets.UTF_8);
    String old = sha256(all.get(BARS_FILE));
    assertThat(manifest).contains(old);
    all.put(BARS_FILE, bars);
    all.put("manifest.json", manifest.replace(old, sha256(bars)).getBytes(StandardCharsets.UTF_8));
    Path file = folder.resolve("heavy.zip");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      for (Map.Entry<String, byte[]> e : all.entrySet()) {
        zip.putNextEntry(new ZipEntry(e.getKey()));
        zip.write(e.getValue());
        zip.closeEntry();
      }
    }
    return file;
  }

  private static String sha256(byte[] bytes) throws Exception {
    return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
  }

  /**
   * A figure from a shop's database, with what is not committed yet; −1 while it does not answer.
   */
  private static long ask(Path home, String sql) throws IOException {
    Path password = home.resolve("database/password");
    Path port = home.resolve("database/port");
    if (!Files.exists(password) || !Files.exists(port)) {
      return -1;
    }
    Shop.Said said =
        Shop.run(
            List.of(
                "mariadb",
                "--no-defaults",
                "--protocol=tcp",
                "--host=127.0.0.1",
                "--port=" + Files.readString(port).strip(),
                "--user=geminal",
                "-N",
                "-e",
                "SET SESSION TRANSACTION ISOLATION LEVEL READ UNCOMMITTED; " + sql,
                "geminal"),
            Map.of("MYSQL_PWD", Files.readString(password).strip()));
    return said.status() == 0 ? Long.parseLong(said.text().strip()) : -1;
  }

  @Test
  void outWipedAndInAgainIsTheSameShopAndHalfOfItIsNothing() throws Exception {
    Path first = folder.resolve("first.zip");
    try (Shop shop = Shop.demo()) {
      shop.backup(first);
    }
    try (Shop again = Shop.restored(first)) {
      Path second = folder.resolve("second.zip");
      again.backup(second);
      same(first, second);
      assertThat(Shop.run(Shop.restoring(again.home(), first), Map.of()).text())
          .contains("This shop is already open");
    }
    killedHalfWay(heavy(first), first);
  }

  private void killedHalfWay(Path heavy, Path whole) throws Exception {
    Path home = Shop.newHome();
    Process restore = Shop.begin(Shop.restoring(home, heavy));
    long seen = 0;
    while (seen < BARS / 20 && restore.isAlive()) {
      seen = ask(home, "SELECT COUNT(*) FROM stock");
    }
    assertThat(seen).as("rows taken in when it was killed").isBetween(1L, BARS - 1L);
    ProcessHandle java =
        restore
            .descendants()
            .filter(p -> p.info().command().orElse("").endsWith("/java"))
            .findFirst()
            .orElseThrow();
    java.destroyForcibly();
    assertThat(restore.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(restore.exitValue()).isNotZero();
    // Nothing is left of it: the shop takes another archive in as if it were new.
    try (Shop shop = Shop.restoredInto(home, whole)) {
      Path third = folder.resolve("third.zip");
      shop.backup(third);
      same(whole, third);
    }
  }
}
