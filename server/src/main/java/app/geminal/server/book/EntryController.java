package app.geminal.server.book;

import app.geminal.server.account.Rank;
import app.geminal.server.account.RequiredRank;
import app.geminal.server.api.PhotographBody;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.turn.Turns;
import app.geminal.validation.Require;
import io.swagger.v3.oas.annotations.Operation;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Entries of the Book over HTTP. New ones are written at their billet. */
@RestController
class EntryController {
  private final Turns turns =
      new Turns(1, 1, Duration.ofSeconds(30), BookText.OTHER_PHOTOS_ARE_BEING_PROCESSED.with());

  private final Entries entries;

  EntryController(Entries entries) {
    this.entries = entries;
  }

  /**
   * An entry edited; {@code version} is the one the change was based on.
   *
   * @param version counts changes; what is sent is refused when another change came in between
   * @param says what was recorded
   */
  record ChangedEntry(int version, EntryBody says) {}

  /**
   * Inspections, repairs and measurements in the Book, newest first, a page at a time.
   *
   * @param limit the most there should be on the page, 1 to 1000
   * @param after where the page begins; from the header Link of the page before, which names it
   */
  @Operation(operationId = "listEntries")
  @GetMapping("/api/v1/book/entries")
  ResponseEntity<List<EntryView>> all(
      @RequestParam(defaultValue = Page.MOST) int limit,
      @RequestParam(required = false) @Nullable String after) {
    return entries.page(Page.size(limit), Cursor.parse(after)).answer();
  }

  /** Changes an entry of the Book. */
  @Operation(operationId = "changeEntry")
  @PutMapping("/api/v1/book/entries/{id}")
  EntryView change(@PathVariable long id, @RequestBody ChangedEntry body, Principal who) {
    return entries.change(id, body.version(), Require.present("says", body.says()), who.getName());
  }

  /** What an entry was before each change. */
  @Operation(operationId = "entryHistory")
  @GetMapping("/api/v1/book/entries/{id}/history")
  List<EntryBefore> before(@PathVariable long id) {
    return entries.before(id);
  }

  /** Deletes an entry; it can be restored. */
  @Operation(operationId = "deleteEntry")
  @PostMapping("/api/v1/book/entries/{id}/delete")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable long id) {
    entries.setDeleted(id, true);
  }

  /** Restores a deleted entry. */
  @Operation(operationId = "restoreEntry")
  @PostMapping("/api/v1/book/entries/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable long id) {
    entries.setDeleted(id, false);
  }

  /**
   * Adds a photograph to an entry: JPEG or PNG, stored again as JPEG without what the camera wrote
   * into it.
   */
  @Operation(operationId = "addPhoto")
  @PostMapping(
      value = "/api/v1/book/entries/{id}/photos",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @ResponseStatus(HttpStatus.CREATED)
  @RequiredRank(Rank.APPRENTICE)
  @PhotographBody
  EntryView addPhoto(@PathVariable long id, InputStream file, Principal who) throws IOException {
    entries.get(id);
    byte[] bytes = file.readAllBytes();
    Photo photo;
    // One picture is unpacked at a time, and no transaction is open meanwhile.
    try (Turns.Turn _ = turns.take(Turns.Person.of(who.getName()))) {
      photo = Photo.of(bytes);
    }
    return entries.addPhoto(id, photo, who.getName());
  }

  /** A photograph as JPEG. */
  @Operation(operationId = "getPhoto")
  @GetMapping(value = "/api/v1/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> photo(@PathVariable String id) {
    return ResponseEntity.ok()
        // Asked for again each time, so that one that was taken away is not shown any more.
        .cacheControl(CacheControl.noCache().cachePrivate())
        .eTag("\"" + id + "\"")
        .body(entries.jpeg(id));
  }

  /** Deletes a photograph; it can be restored. */
  @Operation(operationId = "deletePhoto")
  @PostMapping("/api/v1/photos/{id}/delete")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void deletePhoto(@PathVariable String id) {
    entries.setPhotoDeleted(id, true);
  }

  /** Restores a deleted photograph. */
  @Operation(operationId = "restorePhoto")
  @PostMapping("/api/v1/photos/{id}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restorePhoto(@PathVariable String id) {
    entries.setPhotoDeleted(id, false);
  }
}
