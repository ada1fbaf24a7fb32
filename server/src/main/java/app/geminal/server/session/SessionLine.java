package app.geminal.server.session;

import app.geminal.text.Message;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A session in the list.
 *
 * @param id number
 * @param startedAt when it began
 * @param endedAt null while it continues
 * @param rehearsal whether it is a practice run, which is not kept in the Book
 * @param billets the billets in the session, in their places
 */
record SessionLine(
    long id,
    Instant startedAt,
    @Nullable Instant endedAt,
    boolean rehearsal,
    List<BilletLine> billets) {

  /** The same session with the billets of another line of it behind its own. */
  SessionLine joined(SessionLine more) {
    return new SessionLine(
        id,
        startedAt,
        endedAt,
        rehearsal,
        Stream.concat(billets.stream(), more.billets.stream()).toList());
  }

  /**
   * A billet of it, and which of its heats.
   *
   * @param billetId number of the billet
   * @param name name
   * @param title which of its heats, null where its plan does not say
   */
  record BilletLine(long billetId, String name, @Nullable Message title) {}
}
