package app.geminal.server.token;

import app.geminal.server.account.Rank;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.jdbc.support.KeyHolder;
import org.springframework.stereotype.Repository;

/** Tokens in the database; revoked ones stay there and are no longer found. */
@Repository
class ApiTokenRepository {
  private static final RowMapper<ApiToken> TOKEN =
      (row, n) ->
          new ApiToken(
              row.getLong("id"),
              row.getString("login"),
              row.getString("person"),
              row.getString("name"),
              Rank.valueOf(row.getString("role")),
              row.getObject("created_at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
              instant(row.getObject("last_used_at", LocalDateTime.class)));

  private static final String SELECT =
      """
      SELECT t.id, a.login, a.name AS person, t.name, t.role, t.created_at, t.last_used_at
      FROM api_token t JOIN account a ON a.id = t.account_id
      WHERE t.revoked_at IS NULL
      """;

  private final JdbcClient jdbc;

  ApiTokenRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  private static @Nullable Instant instant(@Nullable LocalDateTime time) {
    return time == null ? null : time.toInstant(ZoneOffset.UTC);
  }

  private static LocalDateTime utc(Instant at) {
    return LocalDateTime.ofInstant(at, ZoneOffset.UTC);
  }

  long add(long accountId, String name, Rank rank, byte[] hash, Instant now) {
    KeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            """
            INSERT INTO api_token (account_id, name, role, hash, created_at)
            VALUES (:account, :name, :role, :hash, :now)
            """)
        .param("account", accountId)
        .param("name", name)
        .param("role", rank.name())
        .param("hash", hash)
        .param("now", utc(now))
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  List<ApiToken> all() {
    return jdbc.sql(SELECT + "ORDER BY t.id").query(TOKEN).list();
  }

  List<ApiToken> of(String login) {
    return jdbc.sql(SELECT + "AND a.login = :login ORDER BY t.id")
        .param("login", login)
        .query(TOKEN)
        .list();
  }

  Optional<ApiToken> find(long id) {
    return jdbc.sql(SELECT + "AND t.id = :id").param("id", id).query(TOKEN).optional();
  }

  Optional<ApiToken> find(byte[] hash) {
    return jdbc.sql(SELECT + "AND t.hash = :hash AND a.may_enter")
        .param("hash", hash)
        .query(TOKEN)
        .optional();
  }

  void used(long id, Instant now) {
    jdbc.sql("UPDATE api_token SET last_used_at = :now WHERE id = :id")
        .param("now", utc(now))
        .param("id", id)
        .update();
  }

  void revoke(long id, Instant now) {
    jdbc.sql("UPDATE api_token SET revoked_at = :now WHERE id = :id AND revoked_at IS NULL")
        .param("now", utc(now))
        .param("id", id)
        .update();
  }
}
