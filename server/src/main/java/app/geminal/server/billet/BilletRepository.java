package app.geminal.server.billet;

import static app.geminal.server.billet.PlanDocument.PLAN;

import app.geminal.billet.Plan;
import app.geminal.server.stored.StoredRow;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.jdbc.core.RowCallbackHandler;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** Billets in the database. */
@Repository
class BilletRepository {
  private static final String SELECT =
      "SELECT id, name, purpose, plan, plan_format, version, changed_at, on_rack FROM billet ";

  private static final RowMapper<Billet> BILLET =
      (row, n) ->
          new Billet(
              row.getLong("id"),
              row.getString("name"),
              row.getString("purpose"),
              PLAN.read(row.getString("plan"), row.getInt("plan_format")),
              row.getInt("version"),
              row.getObject("changed_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
              row.getBoolean("on_rack"));

  private static final int MOST_KEPT = 5000;
  private static final int AT_ONCE = 500;

  private final Cache<Key, Plan> plans = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();
  private final JdbcClient jdbc;

  BilletRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** Those that can be read. */
  List<Billet> onRack() {
    return onRack(_ -> {});
  }

  /**
   * Those that can be read.
   *
   * @param unreadable reports the others
   */
  List<Billet> onRack(Consumer<Unreadable> unreadable) {
    return readable("WHERE on_rack", unreadable);
  }

  /** Those that can be read, on the Rack or off it. */
  List<Billet> all() {
    return readable("", _ -> {});
  }

  /** Plans that were read last are known by what was read, so that only new ones are read again. */
  private List<Billet> readable(String where, Consumer<Unreadable> unreadable) {
    List<Line> lines =
        jdbc.sql(
                "SELECT id, name, purpose, version, changed_at, on_rack, plan_format,"
                    + " CRC32(plan) AS crc FROM billet "
                    + where
                    + " ORDER BY id")
            .query((row, n) ->
                new Line(
                    row.getLong("id"),
                    row.getString("name"),
                    row.getString("purpose"),
                    row.getInt("version"),
                    row.getObject("changed_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
                    row.getBoolean("on_rack"),
                    row.getInt("plan_format"),
                    row.getLong("crc")))
            .list();
    List<Long> missing =
        lines.stream().filter(l -> plans.getIfPresent(l.key()) == null).map(Line::id).toList();
    Map<Long, String> documents = documents(missing);
    return lines.stream()
        .flatMap(l ->
            StoredRow.of(
                "billet",
                l.id(),
                () -> l.with(plan(l, documents)),
                why -> unreadable.accept(new Unreadable(l.id(), l.name(), why)))
                .stream())
        .toList();
  }

  private Plan plan(Line line, Map<Long, String> documents) {
    Plan known = plans.getIfPresent(line.key());
    if (known == null) {
      known = PLAN.read(documents.getOrDefault(line.id(), ""), line.format());
      plans.put(line.key(), known);
    }
    return known;
  }

  private Map<Long, String> documents(List<Long> ids) {
    Map<Long, String> documents = new HashMap<>();
    for (int from = 0; from < ids.size(); from += AT_ONCE) {
      jdbc.sql("SELECT id, plan FROM billet WHERE id IN (:ids)")
          .param("ids", ids.subList(from, Math.min(ids.size(), from + AT_ONCE)))
          .query(
              (RowCallbackHandler) row -> documents.put(row.getLong("id"), row.getString("plan")));
    }
    return documents;
  }

  /** A billet without its plan; {@code crc} says whether the document is the one that was read. */
  private record Line(
      long id,
      String name,
      String purpose,
      int version,
      Instant changedAt,
      boolean onRack,
      int format,
      long crc) {
    Key key() {
      return new Key(id, version, crc);
    }

    Billet with(Plan plan) {
      return new Billet(id, name, purpose, plan, version, changedAt, onRack);
    }
  }

  private record Key(long id, int version, long crc) {}

  /** The plan's document as it is stored. */
  Optional<String> document(long id) {
    return jdbc.sql("SELECT plan FROM billet WHERE id = :id")
        .param("id", id)
        .query(String.class)
        .optional();
  }

  Optional<Billet> find(long id) {
    return jdbc.sql(SELECT + "WHERE id = :id").param("id", id).query(BILLET).optional();
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
        .param("plan", PLAN.write(plan))
        .param("format", PLAN.format())
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update(key, "id");
    return java.util.Objects.requireNonNull(key.getKey()).longValue();
  }

  /** Writes over the version the change was based on; false when another is stored by now. */
  boolean replace(long id, int version, String name, String purpose, Plan plan, Instant now) {
    Optional<String> document =
        jdbc.sql("SELECT plan, plan_format FROM billet WHERE id = :id AND version = :version")
            .param("id", id)
            .param("version", version)
            .query(
                (row, n) -> PLAN.writeOver(plan, row.getString("plan"), row.getInt("plan_format")))
            .optional();
    return document.isPresent() && replace(id, version, name, purpose, document.get(), now);
  }

  private boolean replace(
      long id, int version, String name, String purpose, String document, Instant now) {
    return jdbc.sql(
                """
                UPDATE billet SET name = :name, purpose = :purpose, plan = :plan,
                  plan_format = :format, version = version + 1, changed_at = :now
                WHERE id = :id AND version = :version
                """)
            .param("name", name)
            .param("purpose", purpose)
            .param("plan", document)
            .param("format", PLAN.format())
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
