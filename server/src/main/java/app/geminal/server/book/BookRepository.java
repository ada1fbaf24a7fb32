package app.geminal.server.book;

import static app.geminal.server.book.WeldConditionsDocument.HOW;
import static app.geminal.server.stored.Document.FIRST_FORMAT;

import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.ProtectionCost;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.stored.Unreadable;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** The Book in the database. */
@Repository
class BookRepository extends LineRepository<WeldView> {
  private static final String SELECT =
      """
      SELECT l.id, l.billet_id, b.name AS billet_name, l.step_key, l.step_title, l.made_at,
        l.temperature_c, l.school, l.steels, l.outcome, l.note, l.how, l.version, l.fire_session,
        a.name AS made_by
      FROM weld l JOIN billet b ON b.id = l.billet_id JOIN account a ON a.id = l.made_by
      """;

  private static final RowMapper<WeldView> WELD =
      (row, n) ->
          new WeldView(
              row.getLong("id"),
              row.getLong("billet_id"),
              row.getString("billet_name"),
              row.getString("step_key"),
              row.getString("step_title"),
              row.getObject("made_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
              row.getDouble("temperature_c"),
              AtmosphereProtection.valueOf(row.getString("school")),
              steels(row.getString("steels")),
              WeldOutcome.valueOf(row.getString("outcome")),
              row.getString("note"),
              how(row.getString("how")),
              row.getInt("version"),
              row.getObject("fire_session", Long.class),
              row.getString("made_by"));

  private final JdbcClient jdbc;

  BookRepository(JdbcClient jdbc) {
    super(jdbc, Unreadable.Kind.WELD, SELECT, "made_at", WELD);
    this.jdbc = jdbc;
  }

  private static WeldConditions how(@Nullable String document) {
    return document == null ? WeldConditions.UNKNOWN : HOW.read(document, FIRST_FORMAT);
  }

  private static Set<String> steels(String list) {
    return list.isEmpty() ? Set.of() : new TreeSet<>(List.of(list.split(",", -1)));
  }

  List<WeldView> all() {
    return readable("", Map.of());
  }

  /** A page of the welds, newest first. */
  Page<WeldView> page(int size, @Nullable Cursor after) {
    return lines(size, after);
  }

  /** Every weld of some billets. */
  List<WeldView> of(Set<Long> billetIds) {
    return billetIds.isEmpty()
        ? List.of()
        : readable(" AND l.billet_id IN (:billets)", Map.of("billets", billetIds));
  }

  List<WeldView> of(long billetId) {
    return of(Set.of(billetId));
  }

  Optional<WeldView> find(long id) {
    return line(id);
  }

  long add(
      long billetId,
      String stepTitle,
      WeldRecord weld,
      WeldConditions how,
      Set<String> steels,
      long madeBy) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            """
            INSERT INTO weld (billet_id, step_key, step_title, made_at, temperature_c, school,
              outcome, note, how, steels, made_by)
            VALUES (:billet, :step, :title, :madeAt, :temperature, :school, :outcome, :note, :how,
              :steels, :by)
            """)
        .param("billet", billetId)
        .param("step", weld.stepKey())
        .param("title", stepTitle)
        .param("madeAt", LocalDateTime.ofInstant(weld.madeAt(), ZoneOffset.UTC))
        .param("temperature", weld.temperatureC())
        .param("school", weld.protection().name())
        .param("outcome", weld.outcome().name())
        .param("note", weld.note())
        .param("how", HOW.write(how))
        .param("steels", String.join(",", new TreeSet<>(steels)))
        .param("by", madeBy)
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  Set<ShopKnowledge.Welded> welded() {
    return jdbc
        .sql(
            """
            SELECT DISTINCT steels, school FROM weld
            WHERE outcome = 'HELD' AND NOT struck AND steels <> ''
            """)
        .query((row, n) ->
            new ShopKnowledge.Welded(
                steels(row.getString("steels")),
                AtmosphereProtection.valueOf(row.getString("school"))))
        .list()
        .stream()
        .collect(Collectors.toSet());
  }

  /** Writes over the version the change was based on; false when it is another by now. */
  boolean replace(long id, int version, WeldRecord weld, WeldConditions how) {
    String document =
        jdbc.sql("SELECT how FROM weld WHERE id = :id AND version = :version AND how IS NOT NULL")
            .param("id", id)
            .param("version", version)
            .query(String.class)
            .optional()
            .map(stored -> HOW.writeOver(how, stored, FIRST_FORMAT))
            .orElseGet(() -> HOW.write(how));
    return jdbc.sql(
                """
                UPDATE weld SET made_at = :madeAt, temperature_c = :temperature, school = :school,
                  outcome = :outcome, note = :note, how = :how, version = version + 1
                WHERE id = :id AND version = :version
                """)
            .param("madeAt", LocalDateTime.ofInstant(weld.madeAt(), ZoneOffset.UTC))
            .param("temperature", weld.temperatureC())
            .param("school", weld.protection().name())
            .param("outcome", weld.outcome().name())
            .param("note", weld.note())
            .param("how", document)
            .param("id", id)
            .param("version", version)
            .update()
        == 1;
  }

  /** Changes whenever a weld or an entry is written, changed, deleted or brought back. */
  String state() {
    return jdbc.sql(
            """
            SELECT CONCAT_WS('/',
              (SELECT CONCAT_WS('-', COUNT(*), SUM(version), SUM(struck * id)) FROM weld),
              (SELECT CONCAT_WS('-', COUNT(*), SUM(version), SUM(struck * id)) FROM book_entry))
            """)
        .query(String.class)
        .single();
  }

  Map<AtmosphereProtection, ProtectionCost.MethodRecord> byProtection() {
    return jdbc
        .sql(
            """
            SELECT school, COUNT(*) AS made, SUM(outcome = 'HELD') AS held FROM weld
            WHERE NOT struck AND outcome <> 'SUSPECT' GROUP BY school
            """)
        .query((row, n) ->
            Map.entry(
                AtmosphereProtection.valueOf(row.getString("school")),
                new ProtectionCost.MethodRecord(row.getInt("made"), row.getInt("held"))))
        .list()
        .stream()
        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
  }

  void setFire(long id, long session, String entry) {
    jdbc.sql("UPDATE weld SET fire_session = :session, fire_entry = :entry WHERE id = :id")
        .param("session", session)
        .param("entry", entry)
        .param("id", id)
        .update();
  }

  void deleteFromSession(long session, String entry, boolean deleted) {
    jdbc.sql(
            """
            UPDATE weld SET struck = :struck WHERE fire_session = :session AND fire_entry = :entry
            """)
        .param("struck", deleted)
        .param("session", session)
        .param("entry", entry)
        .update();
  }

  void setDeleted(long id, boolean deleted) {
    jdbc.sql("UPDATE weld SET struck = :struck WHERE id = :id")
        .param("struck", deleted)
        .param("id", id)
        .update();
  }
}
