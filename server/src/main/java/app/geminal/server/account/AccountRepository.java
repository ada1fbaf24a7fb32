package app.geminal.server.account;

import app.geminal.units.UnitSystem;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Accounts in the database. */
@Repository
class AccountRepository {
  private static final RowMapper<Account> ACCOUNT =
      (row, n) ->
          new Account(
              row.getLong("id"),
              row.getString("login"),
              row.getString("name"),
              row.getString("password_hash"),
              UnitSystem.valueOf(row.getString("units")));

  private final JdbcClient jdbc;

  AccountRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  Optional<Account> find(String login) {
    return jdbc.sql(
            "SELECT id, login, name, password_hash, units FROM account WHERE login = :login")
        .param("login", login)
        .query(ACCOUNT)
        .optional();
  }

  boolean isEmpty() {
    return jdbc.sql("SELECT COUNT(*) FROM account").query(Long.class).single() == 0;
  }

  void add(String login, String name, String passwordHash, UnitSystem units, Instant now) {
    jdbc.sql(
            """
            INSERT INTO account (login, name, password_hash, units, created_at)
            VALUES (:login, :name, :hash, :units, :now)
            """)
        .param("login", login)
        .param("name", name)
        .param("hash", passwordHash)
        .param("units", units.name())
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update();
  }

  void setUnits(String login, UnitSystem units) {
    jdbc.sql("UPDATE account SET units = :units WHERE login = :login")
        .param("units", units.name())
        .param("login", login)
        .update();
  }
}
