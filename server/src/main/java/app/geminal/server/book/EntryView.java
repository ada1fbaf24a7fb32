package app.geminal.server.book;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An entry of the Book beside the welds.
 *
 * @param id number
 * @param billetId number of the billet
 * @param billetName name of the billet
 * @param kind which of several this is
 * @param stepKey path of the step it belongs to, null where it belongs to the billet
 * @param stepTitle name of the step
 * @param at when
 * @param says what was recorded
 * @param version 1 as it was first written; more where it was changed since
 * @param madeBy name of the person who recorded it
 * @param photos its photographs
 */
public record EntryView(
    long id,
    long billetId,
    String billetName,
    EntryBody.Kind kind,
    @Nullable String stepKey,
    String stepTitle,
    Instant at,
    EntryBody says,
    int version,
    String madeBy,
    List<PhotoView> photos) {

  /**
   * A photograph, fetched by its id.
   *
   * @param id id of the photograph, a UUID
   * @param widthPx width in pixels
   * @param heightPx height in pixels
   */
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
