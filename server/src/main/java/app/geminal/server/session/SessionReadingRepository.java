package app.geminal.server.session;

import app.geminal.instrument.SensorState;
import app.geminal.server.instrument.Channel;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Readings of sessions in the database. */
@Repository
class SessionReadingRepository {
  /** Rows in one statement; a second of a hundred sessions fits. */
  private static final int ROWS = 500;

  private final JdbcClient jdbc;
  private final JdbcTemplate batch;

  SessionReadingRepository(JdbcClient jdbc, JdbcTemplate batch) {
    this.jdbc = jdbc;
    this.batch = batch;
  }

  private static LocalDateTime utc(Instant at) {
    return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
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
