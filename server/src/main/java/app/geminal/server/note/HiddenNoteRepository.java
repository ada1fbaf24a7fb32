package app.geminal.server.note;

import app.geminal.finding.Finding;
import app.geminal.text.Message;
import app.geminal.text.Topic;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.RowMapper;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Hidden notes in the database. */
@Repository
class HiddenNoteRepository {
  private static final Set<String> KNOWN = Finding.families();

  private static final RowMapper<HiddenNote> NOTE =
      (row, n) ->
          new HiddenNote(
              row.getLong("id"),
              row.getString("family"),
              name(row.getString("family")),
              row.getObject("billet_id", Long.class),
              row.getString("billet"),
              row.getString("person"),
              row.getObject("hidden_at", LocalDateTime.class).toInstant(ZoneOffset.UTC));

  private final JdbcClient jdbc;

  HiddenNoteRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** A family that this release no longer has keeps its own name. */
  private static Message name(String family) {
    return KNOWN.contains(family) ? Topic.nameOf(family) : Message.written(family);
  }

  List<HiddenNote> all() {
    return jdbc.sql(
            """
            SELECT n.id, n.family, n.billet_id, b.name AS billet, a.name AS person, n.hidden_at
            FROM hidden_note n JOIN account a ON a.id = n.hidden_by
              LEFT JOIN billet b ON b.id = n.billet_id
            ORDER BY n.id DESC
            """)
        .query(NOTE)
        .list();
  }

  /** Families hidden in the shop or on this billet. */
  Set<String> hidden(long billetId) {
    return new HashSet<>(
        jdbc.sql("SELECT family FROM hidden_note WHERE billet_id IS NULL OR billet_id = :billet")
            .param("billet", billetId)
            .query(String.class)
            .list());
  }

  boolean hasBillet(long billetId) {
    return jdbc.sql("SELECT COUNT(*) FROM billet WHERE id = :billet")
            .param("billet", billetId)
            .query(Integer.class)
            .single()
        > 0;
  }

  /** Adds a note that is not hidden there yet. */
  void add(String family, @Nullable Long billetId, long accountId, Instant now) {
    jdbc.sql(
            """
            INSERT INTO hidden_note (billet_id, family, hidden_by, hidden_at)
            SELECT :billet, :family, :account, :now FROM DUAL WHERE NOT EXISTS
              (SELECT 1 FROM hidden_note WHERE family = :family AND billet_id <=> :billet)
            """)
        .param("billet", billetId)
        .param("family", family)
        .param("account", accountId)
        .param("now", LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .update();
  }

  /** Shows a note again; answers whether it was hidden. */
  boolean remove(long id) {
    return jdbc.sql("DELETE FROM hidden_note WHERE id = :id").param("id", id).update() > 0;
  }
}
