package app.geminal.server.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.server.TestShop;
import app.geminal.server.Visitor;
import app.geminal.server.Visitor.Answer;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class NightlyBackupsTest {
  private static final ZoneId WHARF = ZoneId.of("Europe/Dublin");

  private TestShop shop;
  private TestShop empty;
  @TempDir private Path disk;
  private Path stick;
  private Instant now;

  @BeforeAll
  void open() {
    shop = TestShop.demo();
    empty = TestShop.empty();
  }

  @AfterAll
  void close() {
    shop.close();
    empty.close();
  }

  @BeforeEach
  void anEvening() throws IOException {
    stick = Files.createTempDirectory(disk, "stick").resolve("backups");
    now = at(29, 20);
  }

  private static Instant at(int day, int hour) {
    return LocalDateTime.of(2026, 11, day, hour, 30).atZone(WHARF).toInstant();
  }

  private NightlyBackups nightly(TestShop of, int kept) {
    Clock clock =
        new Clock() {
          @Override
          public ZoneId getZone() {
            return WHARF;
          }

          @Override
          public Clock withZone(ZoneId zone) {
            return this;
          }

          @Override
          public Instant instant() {
            return now;
          }
        };
    return new NightlyBackups(
        of.provider(Flyway.class),
        of.bean(BackupCheck.class),
        of.bean(Archives.class),
        clock,
        stick.toString(),
        kept);
  }

  private List<String> files() throws IOException {
    try (var files = Files.list(stick)) {
      return files.map(f -> f.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  void oneIsMadeEveryNightAndAtOnceWhereThereIsNone() throws IOException {
    NightlyBackups nightly = nightly(shop, 14);
    nightly.whenDue();
    assertThat(files())
        .containsExactly("shop-2026-11-29-203000.checked", "shop-2026-11-29-203000.zip");
    now = at(30, 2);
    nightly.whenDue();
    assertThat(files()).as("the night is not over").hasSize(2);
    now = at(30, 3);
    nightly.whenDue();
    assertThat(files()).contains("shop-2026-11-30-033000.zip").hasSize(3);
    NightlyBackups.Status status = nightly.status();
    assertThat(status.there()).isEqualTo(2);
    assertThat(status.newestAt()).isEqualTo(at(30, 3));
    assertThat(status.late()).isFalse();
    assertThat(status.problem()).isNull();
  }

  @Test
  void onlySoManyAreKeptAndTheOneThatWasProvenStays() throws IOException {
    NightlyBackups nightly = nightly(shop, 3);
    for (int day = 1; day <= 6; day++) {
      now = at(day, 4);
      nightly.whenDue();
    }
    assertThat(files())
        .containsExactly(
            "shop-2026-11-01-043000.checked",
            "shop-2026-11-01-043000.zip",
            "shop-2026-11-04-043000.zip",
            "shop-2026-11-05-043000.zip",
            "shop-2026-11-06-043000.zip");
    now = at(8, 5);
    nightly.whenDue();
    assertThat(files())
        .as("a week later another one is proven")
        .containsExactly(
            "shop-2026-11-01-043000.checked",
            "shop-2026-11-01-043000.zip",
            "shop-2026-11-05-043000.zip",
            "shop-2026-11-06-043000.zip",
            "shop-2026-11-08-053000.checked",
            "shop-2026-11-08-053000.zip");
    now = at(9, 5);
    nightly.whenDue();
    assertThat(files()).doesNotContain("shop-2026-11-01-043000.zip");
  }

  @Test
  void aBackupIsRestoredAndComparedWithEveryTableAndPhotograph() throws IOException {
    NightlyBackups nightly = nightly(shop, 3);
    nightly.now();
    BackupFolder.Backup made = new BackupFolder(stick, NightlyBackups.NAMED).all().getFirst();
    assertThat(shop.bean(BackupCheck.class).restoreAndCompare(made.file()))
        .isGreaterThan(TableRepository.ALL.size() - 1);
    assertThat(nightly.status().checkedAt()).isEqualTo(now);
  }

  @Test
  void aBackupThatWasDamagedIsNotTakenForGood() throws IOException {
    NightlyBackups nightly = nightly(shop, 3);
    nightly.now();
    BackupFolder.Backup made = new BackupFolder(stick, NightlyBackups.NAMED).all().getFirst();
    byte[] bytes = Files.readAllBytes(made.file());
    // Each byte of what is compressed counts; the first file begins after its name.
    bytes[200] ^= 0x55;
    Files.write(made.file(), bytes);
    assertThatThrownBy(() -> shop.bean(BackupCheck.class).restoreAndCompare(made.file()))
        .isInstanceOfAny(IOException.class, InvalidValue.class);
    Files.write(made.file(), Arrays.copyOf(bytes, bytes.length / 2));
    assertThatThrownBy(() -> shop.bean(BackupCheck.class).restoreAndCompare(made.file()))
        .isInstanceOf(IOException.class);
  }

  @Test
  void aStickThatIsNotThereIsSaidAndIsNoFolderOnTheDisk() {
    stick = disk.resolve("not-mounted/backups");
    NightlyBackups nightly = nightly(shop, 3);
    nightly.whenDue();
    assertThat(stick).doesNotExist();
    NightlyBackups.Status status = nightly.status();
    assertThat(status.late()).isTrue();
    assertThat(String.valueOf(status.problem())).contains("is not there", "Mount the stick");
  }

  @Test
  void itIsLateAfterADay() {
    NightlyBackups nightly = nightly(shop, 3);
    nightly.now();
    now = now.plus(Duration.ofHours(24));
    assertThat(nightly.status().late()).isFalse();
    now = now.plus(Duration.ofMinutes(1));
    assertThat(nightly.status().late()).isTrue();
  }

  @Test
  void anEmptyShopHasNothingToLose() {
    nightly(empty, 3).whenDue();
    assertThat(stick).doesNotExist();
  }

  @Test
  void anOwnerSeesThemAndMakesOne() throws IOException {
    try (TestShop own = TestShop.demo("--geminal.nightly.folder=" + stick)) {
      Visitor smith = own.smith();
      Answer before = smith.get("/api/v1/backups");
      assertThat(before.<Boolean>at("$.late")).isTrue();
      assertThat(before.<Object>at("$.newestAt")).isNull();
      Answer made = smith.post("/api/v1/backups", "{}");
      assertThat(made.<Integer>at("$.there")).isEqualTo(1);
      assertThat(made.<Boolean>at("$.late")).isFalse();
      assertThat(made.<Object>at("$.problem")).isNull();
      assertThat(files()).hasSize(2);
    }
  }

  @Test
  void withoutAFolderNoneIsMadeAnywhere() throws IOException {
    Set<Path> before = here();
    try (TestShop own = TestShop.demo("--geminal.nightly.folder=")) {
      Answer refused = own.smith().post("/api/v1/backups", "");
      assertThat(refused.status()).isEqualTo(422);
      assertThat(refused.<String>at("$.detail")).contains("no folder for backups");
    }
    assertThat(here()).isEqualTo(before);
  }

  private static Set<Path> here() throws IOException {
    try (var files = Files.list(Path.of(""))) {
      return files.collect(Collectors.toSet());
    }
  }
}
