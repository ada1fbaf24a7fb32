package app.geminal.server.opening;

import java.time.LocalDateTime;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;

/**
 * The one row that says which process has the shop open, and whether an upgrade is under way. All
 * times are the database's own, so that clocks of machines need not agree. Its table is made here
 * and not by a migration: it must be there before the first one.
 */
final class LeaseRepository {
  private final JdbcClient jdbc;

  /**
   * Opens it, on connections apart from the shop's own: signs of life must not wait for those.
   *
   * @param flyway of the shop
   */
  LeaseRepository(Flyway flyway) {
    this.jdbc = JdbcClient.create(flyway.getConfiguration().getDataSource());
  }

  /** Makes the table where there is none yet; the row is free. */
  void prepare() {
    jdbc.sql(
            """
            CREATE TABLE IF NOT EXISTS shop_lease (
              id        TINYINT      NOT NULL PRIMARY KEY,
              holder    CHAR(36)     NULL,
              machine   VARCHAR(120) NOT NULL DEFAULT '',
              process   BIGINT       NOT NULL DEFAULT 0,
              since     DATETIME(3)  NULL,
              beat_at   DATETIME(3)  NULL,
              upgrading VARCHAR(200) NULL,
              CHECK (id = 1)
            ) ENGINE = InnoDB DEFAULT CHARSET = utf8mb4 COLLATE = utf8mb4_unicode_ci
            """)
        .update();
    jdbc.sql("INSERT IGNORE INTO shop_lease (id) VALUES (1)").update();
  }

  /**
   * Who has the shop.
   *
   * @param beats its last sign of life; differs from one look to the next while it lives
   */
  record Holder(
      String id, String machine, long process, LocalDateTime since, LocalDateTime beats) {}

  /** Who has the shop now; empty where no one does. */
  Optional<Holder> holder() {
    return jdbc.sql(
            "SELECT holder, machine, process, since, beat_at FROM shop_lease WHERE holder IS NOT NULL")
        .query((row, n) ->
            new Holder(
                row.getString("holder"),
                row.getString("machine"),
                row.getLong("process"),
                row.getObject("since", LocalDateTime.class),
                row.getObject("beat_at", LocalDateTime.class)))
        .optional();
  }

  /**
   * Takes the shop where no one has it, or from one that has shown no sign of life for so long.
   *
   * @param from whose it may be taken from at once, since it is known to be gone; or null
   * @return whether it was taken
   */
  boolean take(String me, String machine, long process, int silentS, @Nullable String from) {
    return jdbc.sql(
                """
                UPDATE shop_lease
                SET holder = :me, machine = :machine, process = :process,
                    since = UTC_TIMESTAMP(3), beat_at = UTC_TIMESTAMP(3)
                WHERE holder IS NULL OR holder = :from
                   OR beat_at < UTC_TIMESTAMP(3) - INTERVAL :silent SECOND
                """)
            .param("me", me)
            .param("machine", machine)
            .param("process", process)
            .param("from", from)
            .param("silent", silentS)
            .update()
        == 1;
  }

  /** A sign of life; false when the shop is another's by now. */
  boolean beat(String me) {
    return jdbc.sql("UPDATE shop_lease SET beat_at = UTC_TIMESTAMP(3) WHERE holder = :me")
            .param("me", me)
            .update()
        == 1;
  }

  /** Gives the shop back. */
  void release(String me) {
    jdbc.sql("UPDATE shop_lease SET holder = NULL WHERE holder = :me").param("me", me).update();
  }

  /** The backup of the shop before the upgrade that is under way, or was when it broke off. */
  Optional<String> upgrading() {
    return jdbc.sql("SELECT upgrading FROM shop_lease WHERE upgrading IS NOT NULL")
        .query(String.class)
        .optional();
  }

  /** Notes that an upgrade begins, or with null that it is done. */
  void noteUpgrading(@Nullable String backup) {
    jdbc.sql("UPDATE shop_lease SET upgrading = :backup").param("backup", backup).update();
  }
}
