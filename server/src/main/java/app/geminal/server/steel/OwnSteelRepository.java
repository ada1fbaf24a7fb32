package app.geminal.server.steel;

import static app.geminal.server.steel.OwnSteelDocument.KNOWN;

import app.geminal.server.stored.StoredRow;
import app.geminal.server.stored.Unreadable;
import app.geminal.server.stored.UnreadableRows;
import app.geminal.steel.OwnSteel;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** The shop's own steels in the database. */
@Repository
class OwnSteelRepository implements UnreadableRows {
  private static final String SELECT =
      "SELECT id, short_name, known, known_format, listed, version FROM own_steel ";

  private static final RowMapper<StoredSteel> KEPT =
      (row, n) ->
          new StoredSteel(
              row.getLong("id"),
              row.getInt("version"),
              row.getBoolean("listed"),
              KNOWN.read(row.getString("known"), row.getInt("known_format")));

  private final JdbcClient jdbc;

  OwnSteelRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  List<StoredSteel> all() {
    return readable(jdbc.sql(SELECT + "ORDER BY short_name"));
  }

  /**
   * Changes with every addition and change: rows are never deleted and versions only go up. What is
   * listed is not in it.
   */
  String state() {
    return jdbc.sql("SELECT CONCAT(COUNT(*), ' ', COALESCE(SUM(version), 0)) FROM own_steel")
        .query(String.class)
        .single();
  }

  Optional<StoredSteel> find(long id) {
    return jdbc.sql(SELECT + "WHERE id = :id").param("id", id).query(KEPT).optional();
  }

  Optional<StoredSteel> find(String shortName) {
    return jdbc.sql(SELECT + "WHERE short_name = :name")
        .param("name", shortName)
        .query(KEPT)
        .optional();
  }

  long add(OwnSteel known, Instant now) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            """
            INSERT INTO own_steel (short_name, known, known_format, version, changed_at)
            VALUES (:name, :known, :format, 1, :now)
            """)
        .param("name", known.id())
        .param("known", KNOWN.write(known))
        .param("format", KNOWN.format())
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  /** Writes over the version the change was based on; false when another is stored by now. */
  boolean replace(long id, int version, OwnSteel known, Instant now) {
    String document =
        jdbc.sql("SELECT known, known_format FROM own_steel WHERE id = :id AND version = :version")
            .param("id", id)
            .param("version", version)
            .query((row, n) ->
                KNOWN.writeOver(known, row.getString("known"), row.getInt("known_format")))
            .optional()
            .orElseGet(() -> KNOWN.write(known));
    return jdbc.sql(
                """
                UPDATE own_steel SET short_name = :name, known = :known, known_format = :format,
                  listed = TRUE, version = version + 1, changed_at = :now
                WHERE id = :id AND version = :version
                """)
            .param("name", known.id())
            .param("known", document)
            .param("format", KNOWN.format())
            .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
            .param("id", id)
            .param("version", version)
            .update()
        == 1;
  }

  void setListed(long id, boolean listed) {
    jdbc.sql("UPDATE own_steel SET listed = :listed WHERE id = :id")
        .param("listed", listed)
        .param("id", id)
        .update();
  }

  @Override
  public Unreadable.Kind kind() {
    return Unreadable.Kind.STEEL;
  }

  @Override
  public List<Unreadable> unreadable() {
    List<Unreadable> found = new ArrayList<>();
    jdbc.sql(SELECT + "ORDER BY short_name")
        .query((row, n) -> {
          long id = row.getLong("id");
          String what = row.getString("short_name");
          return StoredRow.of(
              "own steel",
              id,
              () -> KEPT.mapRow(row, n),
              why -> found.add(new Unreadable(Unreadable.Kind.STEEL, id, what, why)));
        })
        .list();
    return found;
  }

  /** Those that can be read; the log reports the others. */
  private List<StoredSteel> readable(JdbcClient.StatementSpec asked) {
    return asked
        .query((row, n) -> StoredRow.of("own steel", row.getLong("id"), () -> KEPT.mapRow(row, n)))
        .list()
        .stream()
        .flatMap(Optional::stream)
        .toList();
  }
}
