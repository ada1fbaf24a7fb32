package app.geminal.server.book;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An entry of the Book beside the welds.
 *
 * @param stepKey path of the step it belongs to, null where it belongs to the billet
 * @param version 1 as it was first written; more where it was changed since
 */
public record EntryView(
    long id,
    long billetId,
    String billetName,
    Written.Kind kind,
    @Nullable String stepKey,
    String stepTitle,
    Instant at,
    Written says,
    int version,
    String madeBy,
    List<PhotoView> photos) {

  /** A photograph, fetched by its id. */
  public record PhotoView(String id, int widthPx, int heightPx) {}

  EntryView with(List<PhotoView> newPhotos) {
    return new EntryView(
        id,
        billetId,
        billetName,
        kind,
        stepKey,
        stepTitle,
        at,
        says,
        version,
        madeBy,
        List.copyOf(newPhotos));
  }
}
