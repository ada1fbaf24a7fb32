package app.geminal.server.quarantine;

import app.geminal.server.stored.Unreadable;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Rows just as they are stored. */
@Repository
class RowRepository {
  private final JdbcClient jdbc;

  RowRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** The row, or the rows of a session; by the names of their columns. */
  List<Map<String, @Nullable Object>> rows(Unreadable.Kind kind, long id) {
    String select =
        switch (kind) {
          case WELD -> "SELECT * FROM weld WHERE id = :id";
          case ENTRY -> "SELECT * FROM book_entry WHERE id = :id";
          case STEEL -> "SELECT * FROM own_steel WHERE id = :id";
          case SESSION -> "SELECT * FROM fire_billet WHERE session_id = :id ORDER BY place";
        };
    return jdbc.sql(select).param("id", id).query().listOfRows();
  }
}
