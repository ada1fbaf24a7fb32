package app.geminal.server.calibration;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What was learned, in the database: a row is added for each session, none is written over. */
@Repository
class CalibrationRepository {
  private final JdbcClient jdbc;

  CalibrationRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  private static CalibrationRow row(ResultSet row) throws SQLException {
    return new CalibrationRow(
        row.getLong("id"),
        row.getObject("session_id", Long.class),
        row.getObject("calibrated_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
        CalibrationDocument.read(row.getString("calibration")));
  }

  /** The newest; empty before anything was learned. */
  Optional<CalibrationRow> newest() {
    return jdbc.sql("SELECT * FROM calibration ORDER BY id DESC LIMIT 1")
        .query((row, n) -> row(row))
        .optional();
  }

  Optional<CalibrationRow> find(long id) {
    return jdbc.sql("SELECT * FROM calibration WHERE id = :id")
        .param("id", id)
        .query((row, n) -> row(row))
        .optional();
  }

  /** What plans are calculated with; empty where nothing is used. */
  Optional<CalibrationRow> used() {
    return jdbc.sql(
            """
            SELECT * FROM calibration WHERE used_at IS NOT NULL
            ORDER BY used_at DESC, id DESC LIMIT 1
            """)
        .query((row, n) -> row(row))
        .optional();
  }

  /**
   * Adds what is known now.
   *
   * @param after number of the newest row it was made from, 0 for none
   * @return false where another has been added since
   */
  boolean add(long after, @Nullable Long sessionId, StoredCalibration calibration, Instant at) {
    return jdbc.sql(
                """
                INSERT INTO calibration (session_id, calibrated_at, calibration)
                SELECT :session, :at, :calibration FROM DUAL
                WHERE (SELECT COALESCE(MAX(id), 0) FROM calibration) = :after
                """)
            .param("session", sessionId)
            .param("at", LocalDateTime.ofInstant(at, ZoneOffset.UTC))
            .param("calibration", CalibrationDocument.write(calibration))
            .param("after", after)
            .update()
        == 1;
  }

  /** Deletes the newest row where it is a reset, and no plan is calculated with it. */
  void deleteReset(long id) {
    jdbc.sql("DELETE FROM calibration WHERE id = :id AND session_id IS NULL AND used_at IS NULL")
        .param("id", id)
        .update();
  }

  void setUsed(long id, @Nullable Instant at) {
    jdbc.sql("UPDATE calibration SET used_at = :at WHERE id = :id")
        .param("at", at == null ? null : LocalDateTime.ofInstant(at, ZoneOffset.UTC))
        .param("id", id)
        .update();
  }
}
