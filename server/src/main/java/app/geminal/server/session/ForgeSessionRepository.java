package app.geminal.server.session;

import static app.geminal.server.session.HeatPlanDocument.HEAT_PLAN;

import app.geminal.server.calibration.CalibrationService;
import app.geminal.server.calibration.StoredCalibration;
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
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** Sessions at the fire in the database. */
@Repository
class ForgeSessionRepository implements UnreadableRows {
  /** Heat plans are long; older sessions are read when they are opened. */
  private static final int MOST_TRIED = 200;

  private static final List<String> SIGHTINGS =
      Arrays.stream(Entry.Kind.values()).filter(Entry.Kind::isSighting).map(Enum::name).toList();

  private final JdbcClient jdbc;

  ForgeSessionRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
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
}
