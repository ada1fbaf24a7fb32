package app.geminal.server.fire;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A session in the list.
 *
 * @param endedAt null while it goes on
 */
record FireLine(
    long id,
    Instant startedAt,
    @Nullable Instant endedAt,
    boolean rehearsal,
    List<BilletLine> billets) {

  /** The same session with the billets of another line of it behind its own. */
  FireLine joined(FireLine more) {
    return new FireLine(
        id,
        startedAt,
        endedAt,
        rehearsal,
        Stream.concat(billets.stream(), more.billets.stream()).toList());
  }

  /** A billet of it, and which of its heats. */
  record BilletLine(long billetId, String name, String title) {}
}
