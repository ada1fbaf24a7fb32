package app.geminal.server.session;

import static app.geminal.server.session.HeatPlanDocument.HEAT_PLAN;

import app.geminal.heatplan.ForgeAction;
import app.geminal.instrument.SensorState;
import app.geminal.server.calibration.CalibrationService;
import app.geminal.server.calibration.StoredCalibration;
import app.geminal.server.instrument.Channel;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.stored.StoredRow;
import app.geminal.server.stored.Unreadable;
import app.geminal.server.stored.UnreadableRows;
import app.geminal.simulator.Drill;
import app.geminal.weldmap.FailureCause;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** Sessions at the fire in the database. */
@Repository
class ForgeSessionRepository implements UnreadableRows {
  /** Heat plans are long; older sessions are read when they are opened. */
  private static final int MOST_TRIED = 200;

  /** Rows in one statement; a second of a hundred sessions fits. */
  private static final int ROWS = 500;

  private static final List<String> SIGHTINGS =
      Arrays.stream(Entry.Kind.values()).filter(Entry.Kind::isSighting).map(Enum::name).toList();

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
  private final JdbcTemplate batch;

  ForgeSessionRepository(JdbcClient jdbc, JdbcTemplate batch) {
    this.jdbc = jdbc;
    this.batch = batch;
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

  /**
   * Begins one.
   *
   * @param calibration what the shop has learned, as it is stored; null for nothing
   */
  long start(
      Instant at,
      boolean rehearsal,
      @Nullable Drill drill,
      double speed,
      @Nullable String calibration,
      long by) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            """
            INSERT INTO fire_session (started_at, rehearsal, drill, speed, calibration, started_by)
            VALUES (:at, :rehearsal, :drill, :speed, :calibration, :by)
            """)
        .param("at", utc(at))
        .param("rehearsal", rehearsal)
        .param("drill", drill == null ? null : drill.name())
        .param("speed", speed)
        .param("calibration", calibration)
        .param("by", by)
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  void add(long sessionId, Session.Billet billet) {
    jdbc.sql(
            """
            INSERT INTO fire_billet (session_id, place, billet_id, name, plan, plan_format)
            VALUES (:session, :place, :billet, :name, :plan, :format)
            """)
        .param("session", sessionId)
        .param("place", billet.place())
        .param("billet", billet.billetId())
        .param("name", billet.name())
        .param("plan", HEAT_PLAN.write(billet.heat()))
        .param("format", HEAT_PLAN.format())
        .update();
  }

  Optional<Session> find(long id) {
    return jdbc.sql("SELECT * FROM fire_session WHERE id = :id")
        .param("id", id)
        .query((row, n) ->
            new Session(
                id,
                instant(row.getObject("started_at", LocalDateTime.class)),
                ended(row),
                row.getBoolean("rehearsal"),
                drill(row.getString("drill")),
                row.getDouble("speed"),
                calibration(row.getString("calibration")),
                billets(id)))
        .optional();
  }

  private static @Nullable Drill drill(@Nullable String name) {
    return name == null ? null : Drill.valueOf(name);
  }

  private static @Nullable StoredCalibration calibration(@Nullable String document) {
    return document == null ? null : CalibrationService.read(document);
  }

  /**
   * The oldest live session that ended before a moment, in which something was seen, and that the
   * heat model is not calibrated with yet.
   */
  Optional<Long> toCalibrate(Instant endedBefore) {
    return jdbc.sql(
            """
            SELECT id FROM fire_session s
            WHERE ended_at < :before AND NOT calibrated AND NOT rehearsal
              AND EXISTS
                (SELECT 1 FROM fire_entry e WHERE e.session_id = s.id AND e.kind IN (:seen))
            ORDER BY ended_at, id LIMIT 1
            """)
        .param("before", utc(endedBefore))
        .param("seen", SIGHTINGS)
        .query((row, n) -> row.getLong("id"))
        .optional();
  }

  void setCalibrated(long id) {
    jdbc.sql("UPDATE fire_session SET calibrated = TRUE WHERE id = :id").param("id", id).update();
  }

  /** Whether every joint of a rehearsal is really sound. */
  void setSound(long id, boolean sound) {
    jdbc.sql("UPDATE fire_session SET sound = :sound WHERE id = :id")
        .param("sound", sound)
        .param("id", id)
        .update();
  }

  /** Drills that a person has been through to the end, and those in which every joint is sound. */
  List<DrillLine> drills(long by) {
    return jdbc.sql(
            """
            SELECT drill, COUNT(*) AS runs, SUM(sound) AS sound FROM fire_session
            WHERE started_by = :by AND drill IS NOT NULL AND sound IS NOT NULL
            GROUP BY drill
            """)
        .param("by", by)
        .query((row, n) ->
            new DrillLine(
                Drill.valueOf(row.getString("drill")), row.getInt("runs"), row.getInt("sound")))
        .list();
  }

  private List<Session.Billet> billets(long id) {
    return jdbc.sql("SELECT * FROM fire_billet WHERE session_id = :id ORDER BY place")
        .param("id", id)
        .query((row, n) ->
            new Session.Billet(
                row.getInt("place"),
                row.getLong("billet_id"),
                row.getString("name"),
                HEAT_PLAN.read(row.getString("plan"), row.getInt("plan_format")),
                named(row)))
        .list();
  }

  private static @Nullable NamedCause named(ResultSet row) throws SQLException {
    String cause = row.getString("named_cause");
    return cause == null
        ? null
        : new NamedCause(row.getInt("named_joint"), FailureCause.valueOf(cause));
  }

  /** Keeps why a joint is open as someone named it; the first answer stays. */
  void name(long sessionId, int place, NamedCause named) {
    jdbc.sql(
            """
            UPDATE fire_billet SET named_joint = :joint, named_cause = :cause
            WHERE session_id = :session AND place = :place AND named_cause IS NULL
            """)
        .param("joint", named.joint())
        .param("cause", named.cause().name())
        .param("session", sessionId)
        .param("place", place)
        .update();
  }

  @Override
  public Unreadable.Kind kind() {
    return Unreadable.Kind.SESSION;
  }

  @Override
  public List<Unreadable> unreadable() {
    Map<Long, Unreadable> found = new LinkedHashMap<>();
    jdbc.sql(
            """
            SELECT session_id, name, plan, plan_format FROM fire_billet
            WHERE session_id IN
              (SELECT id FROM (SELECT id FROM fire_session ORDER BY id DESC LIMIT :most) newest)
            ORDER BY session_id DESC, place
            """)
        .param("most", MOST_TRIED)
        .query((row, n) -> {
          long id = row.getLong("session_id");
          String what = row.getString("name");
          return StoredRow.of(
              "session",
              id,
              () -> HEAT_PLAN.read(row.getString("plan"), row.getInt("plan_format")),
              why -> found.putIfAbsent(id, new Unreadable(Unreadable.Kind.SESSION, id, what, why)));
        })
        .list();
    return List.copyOf(found.values());
  }

  List<Long> openLive() {
    return jdbc.sql(
            "SELECT id FROM fire_session WHERE ended_at IS NULL AND NOT rehearsal ORDER BY id")
        .query((row, n) -> row.getLong(1))
        .list();
  }

  /** Those going on first, then the newest; without the heat plans, which are long. */
  Page<SessionLine> lines(int size, @Nullable Cursor after) {
    Map<Long, SessionLine> lines = new LinkedHashMap<>();
    jdbc
        .sql(
            """
            SELECT s.id, s.started_at, s.ended_at, s.rehearsal, b.billet_id, b.name,
              JSON_EXTRACT(b.plan, '$.title') AS title
            FROM (SELECT * FROM fire_session
                WHERE (ended_at IS NOT NULL) > :over OR ((ended_at IS NOT NULL) = :over AND id < :id)
                ORDER BY ended_at IS NOT NULL, id DESC LIMIT :rows) s
              JOIN fire_billet b ON b.session_id = s.id
            ORDER BY s.ended_at IS NOT NULL, s.id DESC, b.place
            """)
        .param("over", after == null ? 0 : after.first())
        .param("id", after == null ? Long.MAX_VALUE : after.second())
        .param("rows", size + 1)
        .query((row, n) ->
            new SessionLine(
                row.getLong("id"),
                instant(row.getObject("started_at", LocalDateTime.class)),
                ended(row),
                row.getBoolean("rehearsal"),
                List.of(
                    new SessionLine.BilletLine(
                        row.getLong("billet_id"),
                        row.getString("name"),
                        HeatPlanDocument.title(row.getString("title"))))))
        .list()
        .stream()
        .forEach(line -> lines.merge(line.id(), line, SessionLine::joined));
    return Page.of(
        List.copyOf(lines.values()),
        size,
        Optional::of,
        line -> new Cursor(line.endedAt() == null ? 0 : 1, line.id()));
  }

  private static @Nullable Instant ended(ResultSet row) throws SQLException {
    LocalDateTime at = row.getObject("ended_at", LocalDateTime.class);
    return at == null ? null : instant(at);
  }

  void setEnded(long id, @Nullable Instant at) {
    jdbc.sql("UPDATE fire_session SET ended_at = :at WHERE id = :id")
        .param("at", at == null ? null : utc(at))
        .param("id", id)
        .update();
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

  /** Keeps readings; those of a second that is there already are left as they are. */
  void keep(List<ReadingRow> rows) {
    for (int from = 0; from < rows.size(); from += ROWS) {
      List<ReadingRow> some = rows.subList(from, Math.min(rows.size(), from + ROWS));
      List<Object> values = new ArrayList<>(some.size() * 5);
      for (ReadingRow r : some) {
        values.addAll(
            List.of(r.sessionId(), r.channel().name(), r.second(), r.figure(), r.state().name()));
      }
      String places = "(?, ?, ?, ?, ?)" + ", (?, ?, ?, ?, ?)".repeat(some.size() - 1);
      batch.update(
          "INSERT IGNORE INTO fire_reading (session_id, channel, second, figure, state) VALUES "
              + places,
          values.toArray());
    }
  }

  /** A page of a session's readings, by channel and second. */
  Page<ReadingRow> readings(long sessionId, int size, @Nullable Cursor after) {
    List<ReadingRow> rows =
        jdbc.sql(
                """
                SELECT channel, second, figure, state FROM fire_reading WHERE session_id = :session
                  AND (channel > :channel OR (channel = :channel AND second > :second))
                ORDER BY channel, second LIMIT :rows
                """)
            .param("session", sessionId)
            .param("channel", after == null ? "" : name(after.first()))
            .param("second", after == null ? 0 : after.second())
            .param("rows", size + 1)
            .query((row, n) -> reading(sessionId, row))
            .list();
    return Page.of(rows, size, Optional::of, r -> new Cursor(number(r.channel()), r.second()));
  }

  /** Channels in the order of their names, as the database has them. */
  private static long number(Channel channel) {
    return switch (channel) {
      case FORGE -> 0;
      case PRESS -> 1;
    };
  }

  private static String name(long number) {
    return (number == number(Channel.FORGE) ? Channel.FORGE : Channel.PRESS).name();
  }

  private static ReadingRow reading(long sessionId, ResultSet row) throws SQLException {
    return new ReadingRow(
        sessionId,
        Channel.valueOf(row.getString("channel")),
        row.getInt("second"),
        row.getDouble("figure"),
        SensorState.valueOf(row.getString("state")));
  }

  List<ReadingRow> readings(long sessionId) {
    return jdbc.sql(
            """
            SELECT channel, second, figure, state FROM fire_reading WHERE session_id = :session
            ORDER BY channel, second
            """)
        .param("session", sessionId)
        .query((row, n) -> reading(sessionId, row))
        .list();
  }

  /** Sessions that ended before and are not thinned yet. */
  List<Long> toThin(Instant endedBefore) {
    return jdbc.sql(
            """
            SELECT id FROM fire_session WHERE ended_at < :before AND NOT thinned ORDER BY id LIMIT 50
            """)
        .param("before", utc(endedBefore))
        .query((row, n) -> row.getLong(1))
        .list();
  }

  /** Puts the readings to keep in the place of all there are. */
  void thin(long sessionId, List<ReadingRow> kept) {
    jdbc.sql("DELETE FROM fire_reading WHERE session_id = :session")
        .param("session", sessionId)
        .update();
    if (!kept.isEmpty()) {
      keep(kept);
    }
    jdbc.sql("UPDATE fire_session SET thinned = TRUE WHERE id = :session")
        .param("session", sessionId)
        .update();
  }
}
