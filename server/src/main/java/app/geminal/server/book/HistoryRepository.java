package app.geminal.server.book;

import static app.geminal.server.book.HistoryDocument.WAS_ENTRY;
import static app.geminal.server.book.HistoryDocument.WAS_WELD;
import static app.geminal.server.stored.Document.FIRST_FORMAT;

import app.geminal.server.stored.Document;
import app.geminal.server.stored.StoredRow;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How welds and entries of the Book were before they were changed. */
@Repository
class HistoryRepository {
  private static final String SELECT =
      """
      SELECT h.id, h.version, h.was, a.name, h.changed_at
      FROM book_before h JOIN account a ON a.id = h.changed_by
      """;

  private final JdbcClient jdbc;

  HistoryRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  void keep(WeldView was, long by, Instant now) {
    keep(was.id(), null, was.version(), WAS_WELD.write(was), by, now);
  }

  void keep(EntryView was, long by, Instant now) {
    keep(null, was.id(), was.version(), WAS_ENTRY.write(was), by, now);
  }

  private void keep(
      @Nullable Long weldId,
      @Nullable Long entryId,
      int version,
      String was,
      long by,
      Instant now) {
    jdbc.sql(
            """
            INSERT INTO book_before (weld_id, entry_id, version, was, changed_by, changed_at)
            VALUES (:weld, :entry, :version, :was, :by, :now)
            """)
        .param("weld", weldId)
        .param("entry", entryId)
        .param("version", version)
        .param("was", was)
        .param("by", by)
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update();
  }

  /** Of a weld, the latest first. */
  List<WeldBefore> ofWeld(long id) {
    return of("weld_id", id, WAS_WELD, WeldBefore::new);
  }

  /** Of an entry, the latest first. */
  List<EntryBefore> ofEntry(long id) {
    return of("entry_id", id, WAS_ENTRY, EntryBefore::new);
  }

  /** Makes of a row what reports it. */
  private interface Before<W, B> {
    B of(int version, W was, String changedBy, Instant changedAt);
  }

  private <W, B> List<B> of(String column, long id, Document<W> document, Before<W, B> before) {
    return jdbc
        .sql(SELECT + "WHERE h." + column + " = :id ORDER BY h.id DESC")
        .param("id", id)
        .query((row, n) ->
            StoredRow.of(
                "history",
                row.getLong("id"),
                () ->
                    before.of(
                        row.getInt("version"),
                        document.read(row.getString("was"), FIRST_FORMAT),
                        row.getString("name"),
                        changedAt(row))))
        .list()
        .stream()
        .flatMap(Optional::stream)
        .toList();
  }

  private static Instant changedAt(ResultSet row) throws SQLException {
    return row.getObject("changed_at", LocalDateTime.class).toInstant(ZoneOffset.UTC);
  }
}
