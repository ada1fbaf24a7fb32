package app.geminal.server.archive;

import app.geminal.server.account.Rank;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.sql.ResultSet;
import java.sql.ResultSetMetaData;
import java.sql.SQLException;
import java.sql.Types;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/** Whole tables, row by row, as lines of JSON. */
@Repository
class TableRepository {
  /**
   * In the order they need each other. Sign-ins under way and the migrations' own list stay out.
   */
  static final List<String> ALL =
      List.of(
          "account",
          "sign_in_length",
          "shop",
          "own_steel",
          "stock",
          "instrument",
          "billet",
          "fire_session",
          "fire_billet",
          "fire_entry",
          "fire_reading",
          "calibration",
          "weld",
          "book_entry",
          "book_before",
          "photo",
          "hidden_note",
          "shop_code",
          "pooled_record");

  /** TableRepository by the columns that put their rows into one order. */
  private static final Map<String, String> ORDER =
      Map.of(
          "sign_in_length", "role",
          "fire_billet", "session_id, place",
          "fire_entry", "seq",
          "fire_reading", "session_id, channel, second");

  /** The file name of a photograph is made of it. */
  static final Pattern PHOTO_ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

  private static final Set<String> ROLES =
      Arrays.stream(Rank.values()).map(Enum::name).collect(Collectors.toSet());

  private static final int BATCH = 500;
  private static final int FETCH = 1000;

  private final JdbcTemplate jdbc;

  /** Its own mapper: rows may be longer than what comes over the wire. */
  private final JsonMapper json = JsonMapper.builder().build();

  TableRepository(JdbcTemplate jdbc) {
    this.jdbc = jdbc;
  }

  /** Work on tables that sees them as they are at one moment. */
  interface Work {
    void on(TableRepository tables) throws IOException;
  }

  /** Does work on the tables of a database, as they are at one moment. */
  static void atOneMoment(Flyway flyway, Work work) throws IOException {
    DataSource database = flyway.getConfiguration().getDataSource();
    TransactionTemplate moment =
        new TransactionTemplate(new DataSourceTransactionManager(database));
    moment.setReadOnly(true);
    moment.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
    try {
      moment.executeWithoutResult(_ -> {
        try {
          work.on(new TableRepository(new JdbcTemplate(database)));
        } catch (IOException e) {
          throw new UncheckedIOException(e);
        }
      });
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
  }

  String schema() {
    return String.valueOf(
        jdbc.queryForObject(
            "SELECT version FROM flyway_schema_history WHERE success ORDER BY installed_rank DESC LIMIT 1",
            String.class));
  }

  /** Whether no one and nothing is in the shop. */
  boolean areEmpty() {
    return ALL.stream()
        .allMatch(t ->
            Integer.valueOf(0)
                .equals(
                    jdbc.queryForObject(
                        "SELECT COUNT(*) FROM (SELECT 1 FROM " + t + " LIMIT 1) one",
                        Integer.class)));
  }

  /** Takes all rows of another database over, whose tables are the same. */
  void takeOver(String database) {
    for (String table : ALL) {
      String columns = quoted(columns(table));
      jdbc.update(
          "INSERT INTO %1$s (%2$s) SELECT %2$s FROM `%3$s`.%1$s"
              .replace("%1$s", table)
              .replace("%2$s", columns)
              .replace("%3$s", database));
    }
  }

  /** Receives what is no text. */
  interface Blobs {
    void blob(String id, byte[] bytes) throws IOException;
  }

  /** Writes a table; what is a BLOB is sent to {@code blobs} by the row's id. Answers the rows. */
  long write(String table, Writer out, Blobs blobs) {
    jdbc.setFetchSize(FETCH);
    long[] rows = {0};
    jdbc.query(
        "SELECT * FROM " + table + " ORDER BY " + ORDER.getOrDefault(table, "id"),
        row -> {
          try {
            out.write(json.writeValueAsString(line(row, blobs)));
            out.write('\n');
            rows[0]++;
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        });
    return rows[0];
  }

  private static Map<String, Object> line(ResultSet row, Blobs blobs)
      throws SQLException, IOException {
    ResultSetMetaData columns = row.getMetaData();
    Map<String, Object> line = new LinkedHashMap<>();
    for (int i = 1; i <= columns.getColumnCount(); i++) {
      String name = columns.getColumnName(i);
      switch (columns.getColumnType(i)) {
        case Types.BLOB, Types.LONGVARBINARY, Types.VARBINARY, Types.BINARY ->
            blobs.blob(row.getString("id"), row.getBytes(i));
        case Types.TIMESTAMP -> {
          LocalDateTime at = row.getObject(i, LocalDateTime.class);
          line.put(name, at == null ? null : at.toString());
        }
        case Types.BIT, Types.BOOLEAN -> line.put(name, row.getBoolean(i));
        case Types.DOUBLE, Types.FLOAT, Types.REAL -> line.put(name, number(row, i));
        case Types.BIGINT, Types.INTEGER, Types.SMALLINT, Types.TINYINT -> {
          long value = row.getLong(i);
          line.put(name, row.wasNull() ? null : value);
        }
        default -> line.put(name, row.getString(i));
      }
    }
    return line;
  }

  private static @Nullable Double number(ResultSet row, int column) throws SQLException {
    double value = row.getDouble(column);
    return row.wasNull() ? null : value;
  }

  /** Columns a table has. */
  private Set<String> columns(String table) {
    return new HashSet<>(
        jdbc.queryForList(
            "SELECT column_name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ?",
            String.class,
            table));
  }

  /** Whether there is such a table. */
  boolean has(String table) {
    return !columns(table).isEmpty();
  }

  /** Finds what is no text again. */
  interface BlobOf {
    byte[] of(String id) throws IOException;
  }

  /** Puts rows into an empty table. */
  void read(String table, Iterable<String> lines, BlobOf blobs) throws IOException {
    Set<String> known = columns(table);
    List<String> names = List.of();
    List<Object[]> batch = new ArrayList<>();
    for (String text : lines) {
      @SuppressWarnings("unchecked")
      Map<String, Object> line = new LinkedHashMap<>(json.readValue(text, Map.class));
      requireSane(table, line, known);
      if (table.equals("photo")) {
        line.put("jpeg", blobs.of(String.valueOf(line.get("id"))));
      }
      if (!known.containsAll(line.keySet())) {
        throw BadArchive.because(
            ArchiveText.UNKNOWN_COLUMNS.with("file", "tables/" + table + ".jsonl"));
      }
      List<String> these = List.copyOf(line.keySet());
      if (!these.equals(names) || batch.size() == BATCH) {
        insert(table, names, batch);
        batch.clear();
        names = these;
      }
      batch.add(line.values().toArray());
    }
    insert(table, names, batch);
  }

  /** What later becomes the name of a file, or decides what someone may do, is looked at first. */
  private static void requireSane(String table, Map<String, Object> line, Set<String> columns) {
    if (table.equals("photo") && !PHOTO_ID.matcher(String.valueOf(line.get("id"))).matches()) {
      throw BadArchive.because(ArchiveText.INVALID_PHOTO_ID.with());
    }
    // Before there were roles everyone was an owner, and becomes one when the table gets them.
    if (table.equals("account")
        && columns.contains("role")
        && !ROLES.contains(String.valueOf(line.get("role")))) {
      throw BadArchive.because(ArchiveText.UNKNOWN_ROLE.with());
    }
  }

  private static String quoted(Collection<String> columns) {
    return columns.stream().map(c -> "`" + c + "`").collect(Collectors.joining(", "));
  }

  private void insert(String table, List<String> names, List<Object[]> batch) {
    if (batch.isEmpty()) {
      return;
    }
    jdbc.batchUpdate(
        "INSERT INTO "
            + table
            + " ("
            + quoted(names)
            + ") VALUES ("
            + names.stream().map(_ -> "?").collect(Collectors.joining(", "))
            + ")",
        batch);
  }
}
