package app.geminal.server.stored;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.OptionalLong;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Requests that were answered, by the id their browser gave them. */
@Repository
class IdempotencyRepository {
  private final JdbcClient jdbc;

  IdempotencyRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** Takes an id; false when it is taken, after the person who took it is done. */
  boolean take(String id, String digest, String login, Instant now) {
    return jdbc.sql(
                """
                INSERT IGNORE INTO request_once (id, digest, made_by, at)
                VALUES (:id, :digest, :login, :now)
                """)
            .param("id", id)
            .param("digest", digest)
            .param("login", login)
            .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
            .update()
        == 1;
  }

  void answered(String id, long result) {
    jdbc.sql("UPDATE request_once SET result = :result WHERE id = :id")
        .param("result", result)
        .param("id", id)
        .update();
  }

  /** The result of an id that represents this very request; empty where it represents another. */
  OptionalLong result(String id, String digest, String login) {
    return jdbc.sql(
            """
            SELECT result FROM request_once
            WHERE id = :id AND digest = :digest AND made_by = :login AND result IS NOT NULL
            LOCK IN SHARE MODE
            """)
        .param("id", id)
        .param("digest", digest)
        .param("login", login)
        .query(Long.class)
        .optional()
        .map(OptionalLong::of)
        .orElse(OptionalLong.empty());
  }

  void forget(Instant before) {
    jdbc.sql("DELETE FROM request_once WHERE at < :before")
        .param("before", LocalDateTime.ofInstant(before, ZoneOffset.UTC))
        .update();
  }
}
