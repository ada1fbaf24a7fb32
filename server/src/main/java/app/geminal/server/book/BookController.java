package app.geminal.server.book;

import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.text.Message;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import com.fasterxml.jackson.annotation.JsonAlias;
import io.swagger.v3.oas.annotations.Operation;
import java.security.Principal;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The Book over HTTP. A weld is logged at its billet. */
@RestController
class BookController {
  private final BookService book;

  BookController(BookService book) {
    this.book = book;
  }

  /**
   * A way of keeping oxygen out, and where it can hurt.
   *
   * @param protection a way to keep air from the joint
   * @param caution what can hurt, and what to do about it
   */
  record ProtectionView(AtmosphereProtection protection, Message caution) {}

  /** The ways to keep air from a joint, and their cautions. */
  @Operation(operationId = "listProtections")
  @GetMapping("/api/v1/protections")
  List<ProtectionView> protections() {
    return Arrays.stream(AtmosphereProtection.values())
        .map(s -> new ProtectionView(s, s.caution()))
        .toList();
  }

  /**
   * Welds in the Book, newest first, a page at a time.
   *
   * @param limit the most there should be on the page, 1 to 1000
   * @param after where the page begins; from the header Link of the page before, which names it
   */
  @Operation(operationId = "listWelds")
  @GetMapping("/api/v1/book")
  ResponseEntity<List<WeldView>> all(
      @RequestParam(defaultValue = Page.MOST) int limit,
      @RequestParam(required = false) @Nullable String after) {
    return book.page(Page.size(limit), Cursor.parse(after)).answer();
  }

  /** Deletes a weld; it can be restored. */
  @Operation(operationId = "deleteWeld")
  @PostMapping("/api/v1/welds/{id}/delete")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    book.setDeleted(id, true);
  }

  /** Restores a deleted weld. */
  @Operation(operationId = "restoreWeld")
  @PostMapping("/api/v1/welds/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    book.setDeleted(id, false);
  }

  /**
   * A weld edited; {@code version} is the one the change was based on.
   *
   * @param version counts changes; what is sent is refused when another change came in between
   * @param madeAt when the weld was made
   * @param temperatureC temperature of the weld, °C
   * @param protection how air was kept from the joint
   * @param outcome how the weld turned out
   * @param note notes, may be empty, at most 2000 characters
   * @param how how the weld was made, null where not recorded
   */
  record ChangedWeld(
      int version,
      Instant madeAt,
      double temperatureC,
      @JsonAlias("school") AtmosphereProtection protection,
      WeldOutcome outcome,
      @Nullable String note,
      @Nullable WeldConditions how) {}

  /** Changes a weld in the Book. */
  @Operation(operationId = "changeWeld")
  @PutMapping("/api/v1/welds/{id}")
  WeldView change(@PathVariable long id, @RequestBody ChangedWeld body, Principal who) {
    WeldView was = book.weld(id);
    WeldRecord weld =
        new WeldRecord(
            was.stepKey(),
            body.madeAt(),
            body.temperatureC(),
            body.protection(),
            body.outcome(),
            Objects.requireNonNullElse(body.note(), ""));
    WeldConditions how = Objects.requireNonNullElse(body.how(), was.how());
    return book.change(
        id, body.version(), weld, how.of(was.how().joints(), was.how().later()), who.getName());
  }

  /** What a weld in the Book was before each change. */
  @Operation(operationId = "weldHistory")
  @GetMapping("/api/v1/welds/{id}/history")
  List<WeldBefore> before(@PathVariable long id) {
    return book.before(id);
  }
}
