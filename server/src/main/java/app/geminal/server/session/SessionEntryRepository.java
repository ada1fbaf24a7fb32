package app.geminal.server.session;

import app.geminal.heatplan.ForgeAction;
import app.geminal.server.stored.StoredRow;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was entered in sessions, in the database. */
@Repository
class SessionEntryRepository {
  private static final RowMapper<KeptEntry> ENTRY =
      (row, n) ->
          new KeptEntry(
              row.getLong("seq"),
              row.getDouble("at_s"),
              new Entry(
                  row.getString("id"),
                  Entry.Kind.valueOf(row.getString("kind")),
                  row.getInt("place"),
                  act(row.getString("act")),
                  row.getString("about"),
                  (Double) row.getObject("figure"),
                  row.getString("note"),
                  instant(row.getObject("done_at", LocalDateTime.class)),
                  row.getString("device")),
              row.getString("made_by_name"));

  private final JdbcClient jdbc;

  SessionEntryRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  private static @Nullable ForgeAction act(@Nullable String name) {
    return name == null ? null : ForgeAction.valueOf(name);
  }

  private static Instant instant(LocalDateTime at) {
    return at.toInstant(ZoneOffset.UTC);
  }

  private static LocalDateTime utc(Instant at) {
    return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
  }

  /** Keeps an entry unless its id is there already; whether it was new. */
  boolean keep(long sessionId, Entry e, double atS, Instant now, long by) {
    return jdbc.sql(
                """
                INSERT IGNORE INTO fire_entry (session_id, id, kind, place, act, about, figure, note,
                  at_s, done_at, kept_at, device, made_by)
                VALUES (:session, :id, :kind, :place, :act, :about, :figure, :note, :atS, :doneAt,
                  :now, :device, :by)
                """)
            .param("session", sessionId)
            .param("id", e.id())
            .param("kind", e.kind().name())
            .param("place", e.place())
            .param("act", e.act() == null ? null : e.act().name())
            .param("about", e.about())
            .param("figure", e.figure())
            .param("note", e.note())
            .param("atS", atS)
            .param("doneAt", utc(e.doneAt()))
            .param("now", utc(now))
            .param("device", e.device())
            .param("by", by)
            .update()
        == 1;
  }

  long countEntries(long sessionId) {
    return jdbc.sql("SELECT COUNT(*) FROM fire_entry WHERE session_id = :session")
        .param("session", sessionId)
        .query(Long.class)
        .single();
  }

  List<KeptEntry> entries(long sessionId) {
    return jdbc
        .sql(
            """
            SELECT e.*, a.name AS made_by_name FROM fire_entry e JOIN account a ON a.id = e.made_by
            WHERE e.session_id = :session ORDER BY e.seq
            """)
        .param("session", sessionId)
        .query((row, n) ->
            StoredRow.of("session entry", row.getLong("seq"), () -> ENTRY.mapRow(row, n)))
        .list()
        .stream()
        .flatMap(Optional::stream)
        .toList();
  }

  /** Those of some ids that are on disk, in the order they were kept. */
  List<KeptEntry> entries(long sessionId, Collection<String> ids) {
    return jdbc.sql(
            """
            SELECT e.*, a.name AS made_by_name FROM fire_entry e JOIN account a ON a.id = e.made_by
            WHERE e.session_id = :session AND e.id IN (:ids) ORDER BY e.seq
            """)
        .param("session", sessionId)
        .param("ids", ids)
        .query(ENTRY)
        .list();
  }
}
