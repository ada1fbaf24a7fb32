package app.geminal.server.paging;

import app.geminal.validation.Require;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/**
 * A page of a list.
 *
 * @param items in order
 * @param next the place after it, null where the list ends
 */
public record Page<T>(List<T> items, @Nullable Cursor next) {
  /** The most there can be on a page, and what there are when nothing is said, as text. */
  public static final String MOST = "1000";

  /** How many a page should have; one more is asked of the database, to see whether there are. */
  public static int size(int limit) {
    return Require.count("limit", limit, 1, Integer.parseInt(MOST));
  }

  /**
   * From rows, of which there is one too many where the list continues.
   *
   * @param item the item shown for a row; nothing for one that cannot be read
   */
  public static <R, T> Page<T> of(
      List<R> rows, int size, Function<R, Optional<T>> item, Function<R, Cursor> place) {
    List<R> here = rows.subList(0, Math.min(size, rows.size()));
    return new Page<>(
        here.stream().map(item).flatMap(Optional::stream).toList(),
        rows.size() > size ? place.apply(here.getLast()) : null);
  }

  /** The same page with each of its items as something else. */
  public <U> Page<U> of(List<U> others) {
    return new Page<>(others, next);
  }

  /** An answer with the page, and with the address of the next in its header Link (RFC 8288). */
  public ResponseEntity<List<T>> answer() {
    ResponseEntity.BodyBuilder answer = ResponseEntity.ok();
    if (next != null) {
      answer.header(
          HttpHeaders.LINK,
          "<"
              + ServletUriComponentsBuilder.fromCurrentRequestUri()
                  .scheme(null)
                  .host(null)
                  .port(null)
                  .replaceQueryParam("limit", items.size())
                  .replaceQueryParam("after", next.text())
                  .toUriString()
              + ">; rel=\"next\"");
    }
    return answer.body(items);
  }
}
