package app.geminal.server.book;

import app.geminal.check.BadValue;
import app.geminal.check.Require;
import app.geminal.server.account.Needs;
import app.geminal.server.account.Rank;
import java.io.IOException;
import java.io.InputStream;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Entries of the Book over HTTP. New ones are written at their billet. */
@RestController
class EntryController {
  private static final int MOST_BYTES = 16 * 1024 * 1024;

  private final Entries entries;

  EntryController(Entries entries) {
    this.entries = entries;
  }

  /** An entry mended; {@code version} is the one the change was based on. */
  record ChangedEntry(int version, Written says) {}

  @GetMapping("/api/book/entries")
  List<EntryView> all() {
    return entries.all();
  }

  @PutMapping("/api/book/entries/{id}")
  EntryView change(@PathVariable long id, @RequestBody ChangedEntry body, Principal who) {
    return entries.change(id, body.version(), Require.present("says", body.says()), who.getName());
  }

  @GetMapping("/api/book/entries/{id}/before")
  List<Before> before(@PathVariable long id) {
    return entries.before(id);
  }

  @PostMapping("/api/book/entries/{id}/strike")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strike(@PathVariable long id) {
    entries.setStruck(id, true);
  }

  @PostMapping("/api/book/entries/{id}/unstrike")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unstrike(@PathVariable long id) {
    entries.setStruck(id, false);
  }

  @PostMapping(
      value = "/api/book/entries/{id}/photos",
      consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
  @ResponseStatus(HttpStatus.CREATED)
  @Needs(Rank.APPRENTICE)
  EntryView addPhoto(@PathVariable long id, InputStream file, Principal who) throws IOException {
    // A body of unannounced length passes the filter; no more than this is read of it.
    byte[] bytes = file.readNBytes(MOST_BYTES + 1);
    if (bytes.length > MOST_BYTES) {
      throw new BadValue("photo", "This picture is larger than 16 MB.");
    }
    return entries.addPhoto(id, bytes, who.getName());
  }

  @GetMapping(value = "/api/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
  ResponseEntity<byte[]> photo(@PathVariable String id) {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable())
        .body(entries.jpeg(id));
  }

  @PostMapping("/api/photos/{id}/strike")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void strikePhoto(@PathVariable String id) {
    entries.setPhotoStruck(id, true);
  }

  @PostMapping("/api/photos/{id}/unstrike")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unstrikePhoto(@PathVariable String id) {
    entries.setPhotoStruck(id, false);
  }
}
