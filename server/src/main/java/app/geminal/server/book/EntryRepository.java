package app.geminal.server.book;

import static app.geminal.server.book.EntryDocument.WRITTEN;
import static app.geminal.server.stored.Document.FIRST_FORMAT;

import app.geminal.server.book.EntryView.PhotoView;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.stored.StoredRow;
import app.geminal.server.stored.Unreadable;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;

/** Entries, what they were before, and their photographs in the database. */
@Repository
class EntryRepository extends LineRepository<EntryView> {
  private static final String SELECT =
      """
      SELECT l.id, l.billet_id, b.name AS billet_name, l.kind, l.step_key, l.step_title, l.at,
        l.body, l.version, a.name AS made_by
      FROM book_entry l JOIN billet b ON b.id = l.billet_id JOIN account a ON a.id = l.made_by
      """;

  private static final String LOOKS =
      "SELECT id, billet_id, body FROM book_entry WHERE kind = 'LOOKED' AND NOT struck";

  private static final RowMapper<EntryView> ENTRY =
      (row, n) ->
          new EntryView(
              row.getLong("id"),
              row.getLong("billet_id"),
              row.getString("billet_name"),
              EntryBody.Kind.valueOf(row.getString("kind")),
              row.getString("step_key"),
              row.getString("step_title"),
              row.getObject("at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
              WRITTEN.read(row.getString("body"), FIRST_FORMAT),
              row.getInt("version"),
              row.getString("made_by"),
              List.of());

  private final JdbcClient jdbc;

  EntryRepository(JdbcClient jdbc) {
    super(jdbc, Unreadable.Kind.ENTRY, SELECT, "at", ENTRY);
    this.jdbc = jdbc;
  }

  List<EntryView> all() {
    return withPhotos(readable("", Map.of()));
  }

  /** A page of the entries, newest first. */
  Page<EntryView> page(int size, @Nullable Cursor after) {
    Page<EntryView> page = lines(size, after);
    return page.of(withPhotos(page.items()));
  }

  List<EntryView> of(long billetId) {
    return withPhotos(readable(" AND l.billet_id = :billet", Map.of("billet", billetId)));
  }

  /** All looks, in any order. */
  List<LaterInspections.Look> looks() {
    return looks(jdbc.sql(LOOKS));
  }

  /** The looks at some billets, in any order. */
  List<LaterInspections.Look> looks(Set<Long> billetIds) {
    return billetIds.isEmpty()
        ? List.of()
        : looks(jdbc.sql(LOOKS + " AND billet_id IN (:billets)").param("billets", billetIds));
  }

  private List<LaterInspections.Look> looks(JdbcClient.StatementSpec asked) {
    return asked
        .query((row, n) ->
            StoredRow.of(
                "entry",
                row.getLong("id"),
                () ->
                    new LaterInspections.Look(
                        row.getLong("billet_id"),
                        Objects.requireNonNull(
                            WRITTEN.read(row.getString("body"), FIRST_FORMAT).inspection()))))
        .list()
        .stream()
        .flatMap(Optional::stream)
        .toList();
  }

  Optional<EntryView> find(long id) {
    return line(id).map(e -> withPhotos(List.of(e)).getFirst());
  }

  private List<EntryView> withPhotos(List<EntryView> entries) {
    if (entries.isEmpty()) {
      return entries;
    }
    Map<Long, List<PhotoView>> photos =
        jdbc
            .sql(
                """
                SELECT id, entry_id, width_px, height_px FROM photo
                WHERE NOT struck AND entry_id IN (:entries) ORDER BY made_at, id
                """)
            .param("entries", entries.stream().map(EntryView::id).toList())
            .query((row, n) ->
                Map.entry(
                    row.getLong("entry_id"),
                    new PhotoView(
                        row.getString("id"), row.getInt("width_px"), row.getInt("height_px"))))
            .list()
            .stream()
            .collect(
                Collectors.groupingBy(
                    Map.Entry::getKey,
                    Collectors.mapping(Map.Entry::getValue, Collectors.toList())));
    return entries.stream().map(e -> e.with(photos.getOrDefault(e.id(), List.of()))).toList();
  }

  long add(long billetId, String stepTitle, EntryBody says, long by, Instant now) {
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            """
            INSERT INTO book_entry (billet_id, kind, step_key, step_title, at, body, made_by,
              written_at)
            VALUES (:billet, :kind, :step, :title, :at, :body, :by, :now)
            """)
        .param("billet", billetId)
        .param("kind", says.kind().name())
        .param("step", says.stepKey())
        .param("title", stepTitle)
        .param("at", LocalDateTime.ofInstant(says.at(), ZoneOffset.UTC))
        .param("body", WRITTEN.write(says))
        .param("by", by)
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update(key, "id");
    return Objects.requireNonNull(key.getKey()).longValue();
  }

  /** Writes over the version the change was based on; false when it is another by now. */
  boolean replace(long id, int version, EntryBody says) {
    String document =
        jdbc.sql("SELECT body FROM book_entry WHERE id = :id AND version = :version")
            .param("id", id)
            .param("version", version)
            .query(String.class)
            .optional()
            .map(stored -> WRITTEN.writeOver(says, stored, FIRST_FORMAT))
            .orElseGet(() -> WRITTEN.write(says));
    return jdbc.sql(
                """
                UPDATE book_entry SET body = :body, at = :at, version = version + 1
                WHERE id = :id AND version = :version
                """)
            .param("body", document)
            .param("at", LocalDateTime.ofInstant(says.at(), ZoneOffset.UTC))
            .param("id", id)
            .param("version", version)
            .update()
        == 1;
  }

  void setDeleted(long id, boolean deleted) {
    jdbc.sql("UPDATE book_entry SET struck = :struck WHERE id = :id")
        .param("struck", deleted)
        .param("id", id)
        .update();
  }

  /** Until the transaction ends no one else adds to this entry. */
  void lock(long entryId) {
    jdbc.sql("SELECT id FROM book_entry WHERE id = :id FOR UPDATE")
        .param("id", entryId)
        .query(Long.class)
        .optional();
  }

  /** Bytes of all photographs, those taken away too. */
  long photoBytes() {
    return jdbc.sql("SELECT COALESCE(SUM(OCTET_LENGTH(jpeg)), 0) FROM photo")
        .query(Long.class)
        .single();
  }

  int photos(long entryId) {
    return jdbc.sql("SELECT COUNT(*) FROM photo WHERE entry_id = :entry")
        .param("entry", entryId)
        .query(Integer.class)
        .single();
  }

  void addPhoto(String id, long entryId, Photo photo, long by, Instant now) {
    jdbc.sql(
            """
            INSERT INTO photo (id, entry_id, width_px, height_px, jpeg, made_by, made_at)
            VALUES (:id, :entry, :width, :height, :jpeg, :by, :now)
            """)
        .param("id", id)
        .param("entry", entryId)
        .param("width", photo.widthPx())
        .param("height", photo.heightPx())
        .param("jpeg", photo.jpeg())
        .param("by", by)
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update();
  }

  Optional<byte[]> jpeg(String id) {
    return jdbc.sql("SELECT jpeg FROM photo WHERE id = :id AND NOT struck")
        .param("id", id)
        .query((row, n) -> row.getBytes("jpeg"))
        .optional();
  }

  boolean setPhotoDeleted(String id, boolean deleted) {
    return jdbc.sql("UPDATE photo SET struck = :struck WHERE id = :id")
            .param("struck", deleted)
            .param("id", id)
            .update()
        == 1;
  }
}
