package app.geminal.server.billet;

import app.geminal.billet.Plan;
import app.geminal.server.stored.StoredRow;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** Billets in the database. */
@Repository
class BilletRepository {
  /** Goes up when the shape of a plan's document changes; older ones are then read by a reader. */
  private static final int PLAN_FORMAT = 2;

  private static final String SELECT =
      "SELECT id, name, purpose, plan, plan_format, version, changed_at, on_rack FROM billet ";

  private final JdbcClient jdbc;
  private final JsonMapper json;
  private final RowMapper<Billet> billet;

  BilletRepository(JdbcClient jdbc, JsonMapper json) {
    this.jdbc = jdbc;
    this.json = json;
    this.billet =
        (row, n) ->
            new Billet(
                row.getLong("id"),
                row.getString("name"),
                row.getString("purpose"),
                OldPlans.read(json, row.getString("plan"), row.getInt("plan_format")),
                row.getInt("version"),
                row.getObject("changed_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
                row.getBoolean("on_rack"));
  }

  /** Those that can be read. */
  List<Billet> onRack() {
    return onRack(_ -> {});
  }

  /**
   * Those that can be read.
   *
   * @param unreadable is told of the others
   */
  List<Billet> onRack(Consumer<Unreadable> unreadable) {
    return readable(jdbc.sql(SELECT + "WHERE on_rack ORDER BY id"), unreadable);
  }

  /** Those that can be read, on the Rack or off it. */
  List<Billet> all() {
    return readable(jdbc.sql(SELECT + "ORDER BY id"), _ -> {});
  }

  private List<Billet> readable(JdbcClient.StatementSpec asked, Consumer<Unreadable> unreadable) {
    return asked
        .query((row, n) -> {
          long id = row.getLong("id");
          String name = row.getString("name");
          return StoredRow.of(
              "billet",
              id,
              () -> billet.mapRow(row, n),
              why -> unreadable.accept(new Unreadable(id, name, why)));
        })
        .list()
        .stream()
        .flatMap(Optional::stream)
        .toList();
  }

  /** The plan's document as it is stored. */
  Optional<String> document(long id) {
    return jdbc.sql("SELECT plan FROM billet WHERE id = :id")
        .param("id", id)
        .query(String.class)
        .optional();
  }

  Optional<Billet> find(long id) {
    return jdbc.sql(SELECT + "WHERE id = :id").param("id", id).query(billet).optional();
  }

  long add(String name, String purpose, Plan plan, Instant now) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            """
            INSERT INTO billet (name, purpose, plan, plan_format, version, created_at, changed_at)
            VALUES (:name, :purpose, :plan, :format, 1, :now, :now)
            """)
        .param("name", name)
        .param("purpose", purpose)
        .param("plan", json.writeValueAsString(plan))
        .param("format", PLAN_FORMAT)
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update(key, "id");
    return java.util.Objects.requireNonNull(key.getKey()).longValue();
  }

  /** Writes over the version the change was based on; false when another is stored by now. */
  boolean replace(long id, int version, String name, String purpose, Plan plan, Instant now) {
    return jdbc.sql(
                """
                UPDATE billet SET name = :name, purpose = :purpose, plan = :plan,
                  plan_format = :format, version = version + 1, changed_at = :now
                WHERE id = :id AND version = :version
                """)
            .param("name", name)
            .param("purpose", purpose)
            .param("plan", json.writeValueAsString(plan))
            .param("format", PLAN_FORMAT)
            .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
            .param("id", id)
            .param("version", version)
            .update()
        == 1;
  }

  void setOnRack(long id, boolean onRack) {
    jdbc.sql("UPDATE billet SET on_rack = :onRack WHERE id = :id")
        .param("onRack", onRack)
        .param("id", id)
        .update();
  }
}
