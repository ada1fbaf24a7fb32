package app.geminal.server.removed;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing that is no longer shown, and is kept.
 *
 * @param kind decides where it comes back
 * @param id of its own kind
 * @param what names it: the billet, the steel, the step, what was written
 * @param where the billet it belongs to, or what it was for; may be empty
 * @param sizesMm width, thickness and length of a bar; empty for everything else
 * @param at when it was made or last changed, null where no one noted it
 */
record RemovedItem(
    Kind kind, String id, String what, String where, List<Double> sizesMm, @Nullable Instant at) {
  enum Kind {
    /** Off the Rack. */
    BILLET,
    /** Off the shelf. */
    BAR,
    /** A steel of one's own that is no longer listed. */
    STEEL,
    /** Deleted from the Book. */
    WELD,
    /** Deleted from the Book. */
    ENTRY,
    /** Deleted from an entry. */
    PHOTO
  }
}
