package app.geminal.server.pooling;

import app.geminal.library.file.RefusedFile;
import app.geminal.library.welds.SharedWeldsFiles;
import app.geminal.pooling.SharedWelds;
import app.geminal.server.stored.StoredRow;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** Records of other shops in the database. */
@Repository
class PooledRecordRepository {
  private static final String SELECT =
      """
      SELECT r.id, r.name, r.welds, r.used, r.added_at, a.name AS added_by
      FROM pooled_record r JOIN account a ON a.id = r.added_by
      """;

  private final JdbcClient jdbc;

  PooledRecordRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  private static Optional<PooledRecord> row(ResultSet row) throws SQLException {
    long id = row.getLong("id");
    return StoredRow.of("record of another shop", id, () -> read(id, row));
  }

  private static PooledRecord read(long id, ResultSet row) throws SQLException {
    return new PooledRecord(
        id,
        row.getString("name"),
        welds(row.getString("welds")),
        row.getBoolean("used"),
        row.getObject("added_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
        row.getString("added_by"));
  }

  private static SharedWelds welds(String document) {
    try {
      return SharedWeldsFiles.read(document);
    } catch (RefusedFile damaged) {
      throw new IllegalStateException(damaged);
    }
  }

  /** Those that were not removed, newest first. */
  List<PooledRecord> all() {
    return jdbc
        .sql(SELECT + "WHERE NOT r.deleted ORDER BY r.id DESC")
        .query((row, n) -> row(row))
        .list()
        .stream()
        .flatMap(Optional::stream)
        .toList();
  }

  /** One, removed or not. */
  Optional<PooledRecord> find(long id) {
    return jdbc
        .sql(SELECT + "WHERE r.id = :id")
        .param("id", id)
        .query((row, n) -> row(row))
        .list()
        .stream()
        .flatMap(Optional::stream)
        .findFirst();
  }

  int count() {
    return jdbc.sql("SELECT COUNT(*) FROM pooled_record WHERE NOT deleted")
        .query(Integer.class)
        .single();
  }

  long add(String name, SharedWelds welds, Instant at, long addedBy) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            """
            INSERT INTO pooled_record (shop_code, name, welds, added_at, added_by)
            VALUES (:shop, :name, :welds, :at, :by)
            """)
        .param("shop", welds.shop())
        .param("name", name)
        .param("welds", SharedWeldsFiles.write(welds))
        .param("at", LocalDateTime.ofInstant(at, ZoneOffset.UTC))
        .param("by", addedBy)
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  /** Counts one, and no other of the same shop; or counts it no more. */
  void setUsed(PooledRecord record, boolean used) {
    jdbc.sql(
            "UPDATE pooled_record SET used = (:used AND id = :id) WHERE id = :id"
                + " OR (:used AND shop_code = :shop)")
        .param("used", used)
        .param("id", record.id())
        .param("shop", record.welds().shop())
        .update();
  }

  void setDeleted(long id, boolean deleted) {
    jdbc.sql("UPDATE pooled_record SET deleted = :deleted WHERE id = :id")
        .param("deleted", deleted)
        .param("id", id)
        .update();
  }

  /** The numbers of those that are counted; none is ever written over. */
  String state() {
    return jdbc.sql(
            """
            SELECT COALESCE(GROUP_CONCAT(id ORDER BY id), '') FROM pooled_record
            WHERE used AND NOT deleted
            """)
        .query(String.class)
        .single();
  }

  /** The shop's own code; a drawn one is kept where there is none. */
  String code(String drawn) {
    jdbc.sql("INSERT IGNORE INTO shop_code (id, code) VALUES (1, :code)")
        .param("code", drawn)
        .update();
    return jdbc.sql("SELECT code FROM shop_code").query(String.class).single();
  }
}
