package app.geminal.server.quarantine;

import app.geminal.server.problem.NotFound;
import app.geminal.server.stored.Unreadable;
import app.geminal.server.stored.UnreadableRows;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** What is stored and cannot be read by this release. */
@Service
class Quarantine {
  private final List<UnreadableRows> sources;
  private final RowRepository rows;
  private final JsonMapper json;

  Quarantine(List<UnreadableRows> sources, RowRepository rows, JsonMapper json) {
    this.sources = sources;
    this.rows = rows;
    this.json = json;
  }

  /** What there is of some kinds, tried again; of all kinds where none is named. */
  @Transactional(readOnly = true)
  public List<Unreadable> all(Set<Unreadable.Kind> of) {
    return sources.stream()
        .filter(s -> of.isEmpty() || of.contains(s.kind()))
        .flatMap(s -> s.unreadable().stream())
        .toList();
  }

  /**
   * A row just as it is stored, as JSON by the names of its columns.
   *
   * @throws NotFound when there is none of that number
   */
  @Transactional(readOnly = true)
  public String stored(Unreadable.Kind kind, long id) {
    List<Map<String, @Nullable Object>> stored = rows.rows(kind, id);
    if (stored.isEmpty()) {
      throw new NotFound(QuarantineText.NO_ROW.with("kind", kind, "number", id));
    }
    return json.writeValueAsString(stored);
  }
}
