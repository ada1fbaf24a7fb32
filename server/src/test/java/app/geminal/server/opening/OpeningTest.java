package app.geminal.server.opening;

import static java.util.concurrent.TimeUnit.SECONDS;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.awaitility.Awaitility.await;

import app.geminal.server.TestShop;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;

/** One process opens a shop, and only one it can open without loss. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class OpeningTest {
  private static final Duration SILENT = Duration.ofSeconds(12);

  private final String database = TestShop.emptyDatabase();
  private TestShop shop;

  @BeforeAll
  void open() {
    shop = TestShop.on(database);
  }

  @AfterAll
  void close() {
    shop.close();
  }

  /** A lease row of its own, as a shop's. */
  private static LeaseRepository lease(String database) {
    LeaseRepository lease = new LeaseRepository(TestShop.migrations(database).load());
    lease.prepare();
    return lease;
  }

  private static void sql(String database, String statement) {
    JdbcClient.create(TestShop.migrations(database).getDataSource()).sql(statement).update();
  }

  @Test
  void aSecondProcessIsRefusedWithTheNameOfTheFirst() {
    assertThatThrownBy(() -> TestShop.on(database))
        .rootCause()
        .isInstanceOf(NotOpened.class)
        .hasMessageContaining("already open: process " + ProcessHandle.current().pid());
    assertThat(shop.visitor().get("/api/v1/session").status()).isEqualTo(200);
  }

  @Test
  void oneThatEndedGivesTheShopBackAndOneThatWasKilledIsReplacedAtOnce() {
    String own = TestShop.emptyDatabase();
    LeaseRepository row = lease(own);
    Lease.take(row, () -> {}).close();
    assertThat(row.holder()).isEmpty();
    // No process has such a number.
    row.take("killed", "", Long.MAX_VALUE, 0, null);
    sql(own, "UPDATE shop_lease SET machine = '" + machineOf(row, own) + "'");
    assertThat(silenceBeforeTaking(row)).as("long before it was silent").isLessThan(SILENT);
    sql(own, "DROP DATABASE " + own);
  }

  /** What this machine calls itself. */
  private static String machineOf(LeaseRepository row, String database) {
    String killed = row.holder().orElseThrow().id();
    sql(database, "UPDATE shop_lease SET holder = NULL");
    try (Lease mine = Lease.take(row, () -> {})) {
      assertThat(mine).isNotNull();
      return row.holder().orElseThrow().machine();
    } finally {
      row.take(killed, "", Long.MAX_VALUE, 0, null);
    }
  }

  /**
   * How long the one before had shown no sign of life when it was replaced, by the database's
   * clock.
   */
  private static Duration silenceBeforeTaking(LeaseRepository row) {
    LocalDateTime last = row.holder().orElseThrow().beats();
    try (Lease second = Lease.take(row, () -> {})) {
      assertThat(second).isNotNull();
      return Duration.between(last, row.holder().orElseThrow().since());
    }
  }

  @Test
  void oneOfAnotherMachineIsReplacedWhenItHasShownNoSignOfLifeForLong() {
    String own = TestShop.emptyDatabase();
    LeaseRepository row = lease(own);
    row.take("elsewhere", "another machine", 7, 0, null);
    assertThat(silenceBeforeTaking(row)).as("not before").isGreaterThanOrEqualTo(SILENT);
    sql(own, "DROP DATABASE " + own);
  }

  @Test
  void whoseShopWasTakenOverIsReported() {
    String own = TestShop.emptyDatabase();
    AtomicBoolean lost = new AtomicBoolean();
    try (Lease mine = Lease.take(lease(own), () -> lost.set(true))) {
      assertThat(mine).isNotNull();
      sql(own, "UPDATE shop_lease SET holder = 'another'");
      await().atMost(10, SECONDS).untilTrue(lost);
    }
    assertThat(lease(own).holder()).as("not given back by who has it no more").isPresent();
    sql(own, "DROP DATABASE " + own);
  }

  @Test
  void aShopThatALaterReleaseOpenedIsRefused() {
    String own = TestShop.emptyDatabase();
    fill(own);
    sql(
        own,
        "INSERT INTO flyway_schema_history SELECT 999, '999', description, type, script, checksum, "
            + "installed_by, installed_on, execution_time, success "
            + "FROM flyway_schema_history WHERE version = '1'");
    assertThatThrownBy(() -> TestShop.on(own))
        .rootCause()
        .isInstanceOf(NotOpened.class)
        .hasMessageContaining("later release")
        .hasMessageContaining("999");
    assertThat(lease(own).holder()).as("refused, it holds nothing").isEmpty();
    sql(own, "DROP DATABASE " + own);
  }

  @Test
  void aShopWhoseUpgradeBrokeOffIsRefusedWithItsBackup() {
    String own = TestShop.emptyDatabase();
    fill(own);
    lease(own).noteUpgrading("/somewhere/before-upgrade.zip");
    assertThatThrownBy(() -> TestShop.on(own))
        .rootCause()
        .isInstanceOf(NotOpened.class)
        .hasMessageContaining("was interrupted")
        .hasMessageContaining("/somewhere/before-upgrade.zip");
    sql(own, "DROP DATABASE " + own);
  }

  /** Makes the tables and ends. */
  private static void fill(String database) {
    String kept = TestShop.emptyDatabase();
    TestShop made = TestShop.on(kept);
    for (String table : made.tables()) {
      sql(database, "CREATE TABLE " + table + " LIKE " + kept + "." + table);
      sql(database, "INSERT INTO " + table + " SELECT * FROM " + kept + "." + table);
    }
    sql(database, "UPDATE shop_lease SET holder = NULL");
    made.close();
  }

  @Test
  void theLastFiveBackupsAreKept(@TempDir Path folder) throws IOException {
    Files.writeString(folder.resolve("mine.zip"), "not ours");
    for (int day = 1; day <= 7; day++) {
      Clock clock = Clock.fixed(Instant.parse("2026-03-0" + day + "T06:00:00Z"), ZoneOffset.UTC);
      new UpgradeBackups(folder.toString(), clock).write(TestShop.migrations(database).load());
    }
    try (Stream<Path> files = Files.list(folder)) {
      assertThat(files.map(f -> f.getFileName().toString()).sorted())
          .hasSize(6)
          .contains("mine.zip", "before-upgrade-2026-03-07-060000.zip")
          .doesNotContain("before-upgrade-2026-03-02-060000.zip");
    }
  }

  @Test
  void withoutAPlaceForTheBackupNothingIsChanged() {
    assertThatThrownBy(() ->
            new UpgradeBackups("", Clock.systemUTC()).write(TestShop.migrations(database).load()))
        .isInstanceOf(NotOpened.class)
        .hasMessageContaining("no backup folder is set");
  }
}
