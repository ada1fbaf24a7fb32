package app.geminal.server.removed;

import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** What is kept and not shown, from every table that keeps something. */
@Repository
class RemovedItemRepository {
  /** Each gives id, what, place, at and, for bars, three sizes. */
  private static final Map<RemovedItem.Kind, String> ASKED = asked();

  private final JdbcClient jdbc;

  RemovedItemRepository(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  private static Map<RemovedItem.Kind, String> asked() {
    Map<RemovedItem.Kind, String> asked = new EnumMap<>(RemovedItem.Kind.class);
    String sizes = ", NULL AS width_mm, NULL AS thickness_mm, NULL AS length_mm ";
    asked.put(
        RemovedItem.Kind.BILLET,
        "SELECT id, name AS what, purpose AS place, changed_at AS at"
            + sizes
            + "FROM billet WHERE NOT on_rack");
    asked.put(
        RemovedItem.Kind.BAR,
        """
        SELECT id, steel AS what, source AS place, NULL AS at, width_mm, thickness_mm, length_mm
        FROM stock WHERE NOT on_shelf\
        """);
    asked.put(
        RemovedItem.Kind.STEEL,
        "SELECT id, short_name AS what, '' AS place, changed_at AS at"
            + sizes
            + "FROM own_steel WHERE NOT listed");
    asked.put(
        RemovedItem.Kind.WELD,
        "SELECT w.id, w.step_title AS what, b.name AS place, w.made_at AS at"
            + sizes
            + "FROM weld w JOIN billet b ON b.id = w.billet_id WHERE w.struck");
    asked.put(
        RemovedItem.Kind.ENTRY,
        "SELECT e.id, e.kind AS what, b.name AS place, e.at"
            + sizes
            + "FROM book_entry e JOIN billet b ON b.id = e.billet_id WHERE e.struck");
    asked.put(
        RemovedItem.Kind.PHOTO,
        "SELECT p.id, e.kind AS what, b.name AS place, p.made_at AS at"
            + sizes
            + "FROM photo p JOIN book_entry e ON e.id = p.entry_id"
            + " JOIN billet b ON b.id = e.billet_id WHERE p.struck");
    return asked;
  }

  /** The latest first, what no one noted a time of last. */
  List<RemovedItem> latest(int most) {
    return ASKED.entrySet().stream()
        .flatMap(e -> of(e.getKey(), e.getValue(), most))
        .sorted(
            Comparator.comparing(RemovedItem::at, Comparator.nullsLast(Comparator.reverseOrder())))
        .limit(most)
        .toList();
  }

  private Stream<RemovedItem> of(RemovedItem.Kind kind, String asked, int most) {
    return jdbc
        .sql(asked + " ORDER BY at DESC LIMIT :most")
        .param("most", most)
        .query((row, n) ->
            new RemovedItem(
                kind,
                row.getString("id"),
                row.getString("what"),
                row.getString("place"),
                Stream.of(
                        row.getObject("width_mm", Double.class),
                        row.getObject("thickness_mm", Double.class),
                        row.getObject("length_mm", Double.class))
                    .flatMap(mm -> Optional.ofNullable(mm).stream())
                    .toList(),
                Optional.ofNullable(row.getObject("at", LocalDateTime.class))
                    .map(at -> at.toInstant(ZoneOffset.UTC))
                    .orElse(null)))
        .list()
        .stream();
  }
}
