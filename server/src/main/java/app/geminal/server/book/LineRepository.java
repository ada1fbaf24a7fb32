package app.geminal.server.book;

import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.stored.StoredRow;
import app.geminal.server.stored.Unreadable;
import app.geminal.server.stored.UnreadableRows;
import app.geminal.text.Message;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Lines of the Book of one kind, newest first, without those deleted. */
abstract class LineRepository<T> implements UnreadableRows {
  private final JdbcClient jdbc;
  private final Unreadable.Kind kind;
  private final String select;
  private final String at;
  private final RowMapper<T> mapper;

  /**
   * Lines of a table.
   *
   * @param kind which kind
   * @param select up to its WHERE, with the table of the lines as l
   * @param at the column with their time
   */
  LineRepository(
      JdbcClient jdbc, Unreadable.Kind kind, String select, String at, RowMapper<T> mapper) {
    this.jdbc = jdbc;
    this.kind = kind;
    this.select = select;
    this.at = at;
    this.mapper = mapper;
  }

  private Optional<T> read(ResultSet row, int n) throws SQLException {
    return read(row, n, _ -> {});
  }

  private Optional<T> read(ResultSet row, int n, Consumer<Message> whyNot) throws SQLException {
    return StoredRow.of(
        kind.name().toLowerCase(Locale.ROOT),
        row.getLong("id"),
        () -> mapper.mapRow(row, n),
        whyNot);
  }

  private Cursor place(ResultSet row) throws SQLException {
    return Cursor.at(
        row.getObject(at, LocalDateTime.class).toInstant(ZoneOffset.UTC), row.getLong("id"));
  }

  private JdbcClient.StatementSpec asked(String more, Map<String, ?> values) {
    return jdbc.sql(
            select
                + "WHERE NOT l.struck"
                + more
                + " ORDER BY l."
                + at
                + " DESC, l.id DESC"
                + (values.containsKey("rows") ? " LIMIT :rows" : ""))
        .params(values);
  }

  /** Those that can be read; the log reports the others. */
  List<T> readable(String more, Map<String, ?> values) {
    return asked(more, values).query(this::read).list().stream().flatMap(Optional::stream).toList();
  }

  /** A line, also one that was deleted. */
  Optional<T> line(long id) {
    return jdbc.sql(select + "WHERE l.id = :id").param("id", id).query(mapper).optional();
  }

  /** A row, also one that cannot be read. */
  private record Placed<T>(Cursor place, Optional<T> line) {}

  Page<T> lines(int size, @Nullable Cursor after) {
    JdbcClient.StatementSpec asked =
        after == null
            ? asked("", Map.of("rows", size + 1))
            : asked(
                " AND (l.AT < :at OR (l.AT = :at AND l.id < :id))".replace("AT", at),
                Map.of("rows", size + 1, "at", after.time(), "id", after.second()));
    List<Placed<T>> rows = asked.query((row, n) -> new Placed<>(place(row), read(row, n))).list();
    return Page.of(rows, size, Placed::line, Placed::place);
  }

  @Override
  public Unreadable.Kind kind() {
    return kind;
  }

  @Override
  public List<Unreadable> unreadable() {
    List<Unreadable> found = new ArrayList<>();
    asked("", Map.of())
        .query((row, n) -> {
          long id = row.getLong("id");
          String what = row.getString("billet_name") + ", " + row.getString("step_title");
          return read(row, n, why -> found.add(new Unreadable(kind, id, what, why)));
        })
        .list();
    return found;
  }
}
