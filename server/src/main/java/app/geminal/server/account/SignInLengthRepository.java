package app.geminal.server.account;

import java.util.EnumMap;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How long sign-ins last, in the database. */
@Repository
class SignInLengthRepository {
  private final JdbcClient jdbc;

  SignInLengthRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** Days by rank, for the ranks the owner has chosen for. */
  Map<Rank, Integer> chosen() {
    Map<Rank, Integer> days = new EnumMap<>(Rank.class);
    jdbc.sql("SELECT role, days FROM sign_in_length")
        .query(row -> {
          days.put(Rank.valueOf(row.getString("role")), row.getInt("days"));
        });
    return days;
  }

  void choose(Rank rank, int days) {
    jdbc.sql("REPLACE INTO sign_in_length (role, days) VALUES (:role, :days)")
        .param("role", rank.name())
        .param("days", days)
        .update();
  }
}
