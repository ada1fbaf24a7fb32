package app.geminal.server.account;

import app.geminal.units.Units;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
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
              UnitsDocument.read(row.getString("units"), row.getString("units_chosen")),
              Rank.valueOf(row.getString("role")),
              row.getBoolean("may_enter"));

  private static final String SELECT =
      "SELECT id, login, name, password_hash, units, units_chosen, role, may_enter FROM account ";

  private final JdbcClient jdbc;

  AccountRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  Optional<Account> find(String login) {
    return jdbc.sql(SELECT + "WHERE login = :login")
        .param("login", login)
        .query(ACCOUNT)
        .optional();
  }

  Optional<Account> find(long id) {
    return jdbc.sql(SELECT + "WHERE id = :id").param("id", id).query(ACCOUNT).optional();
  }

  List<Account> all() {
    return jdbc.sql(SELECT + "ORDER BY id").query(ACCOUNT).list();
  }

  /** Owners who may enter, but for one person; locked, so that two cannot leave at once. */
  int otherOwners(long id) {
    return jdbc.sql(
            "SELECT id FROM account WHERE role = 'OWNER' AND may_enter AND id <> :id FOR UPDATE")
        .param("id", id)
        .query(Long.class)
        .list()
        .size();
  }

  void change(long id, Rank rank, boolean mayEnter) {
    jdbc.sql("UPDATE account SET role = :role, may_enter = :enter WHERE id = :id")
        .param("role", rank.name())
        .param("enter", mayEnter)
        .param("id", id)
        .update();
  }

  void setPassword(long id, String passwordHash) {
    jdbc.sql("UPDATE account SET password_hash = :hash WHERE id = :id")
        .param("hash", passwordHash)
        .param("id", id)
        .update();
  }

  boolean isEmpty() {
    return jdbc.sql("SELECT COUNT(*) FROM account").query(Long.class).single() == 0;
  }

  void add(String login, String name, String passwordHash, Units units, Rank rank, Instant now) {
    jdbc.sql(
            """
            INSERT INTO account (login, name, password_hash, units, units_chosen, role, created_at)
            VALUES (:login, :name, :hash, :units, :chosen, :role, :now)
            """)
        .param("login", login)
        .param("name", name)
        .param("hash", passwordHash)
        .param("units", units.system().name())
        .param("chosen", UnitsDocument.write(units))
        .param("role", rank.name())
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update();
  }

  void setUnits(String login, Units units) {
    jdbc.sql("UPDATE account SET units = :units, units_chosen = :chosen WHERE login = :login")
        .param("units", units.system().name())
        .param("chosen", UnitsDocument.write(units))
        .param("login", login)
        .update();
  }
}
