package app.geminal.server.book;

import app.geminal.billet.Plan;
import app.geminal.server.account.Accounts;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.problem.NotFound;
import app.geminal.server.problem.VersionConflict;
import app.geminal.validation.InvalidValue;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.unit.DataSize;

/** Keeps what is written in the Book beside the welds. */
@Service
public class Entries {
  private static final Duration CLOCK_TOLERANCE = Duration.ofMinutes(10);
  private static final int MOST_PHOTOS = 12;

  private final EntryRepository entries;
  private final HistoryRepository history;
  private final Accounts accounts;
  private final Clock clock;
  private final long mostPhotoBytes;

  Entries(
      EntryRepository entries,
      HistoryRepository history,
      Accounts accounts,
      Clock clock,
      @Value("${geminal.most-photos}") DataSize mostPhotos) {
    this.mostPhotoBytes = mostPhotos.toBytes();
    this.entries = entries;
    this.history = history;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** A page of the Book, newest first. */
  @Transactional(readOnly = true)
  public Page<EntryView> page(int size, @Nullable Cursor after) {
    return entries.page(size, after);
  }

  /** All of the Book, newest first. */
  @Transactional(readOnly = true)
  public List<EntryView> all() {
    return entries.all();
  }

  /** Those of one billet, newest first. */
  @Transactional(readOnly = true)
  public List<EntryView> of(long billetId) {
    return entries.of(billetId);
  }

  /** One of them, deleted or not. */
  @Transactional(readOnly = true)
  public EntryView get(long id) {
    return entries.find(id).orElseThrow(() -> new NotFound(BookText.NO_ENTRY.with("number", id)));
  }

  /**
   * Writes an entry.
   *
   * @param plan the billet's, which must have the step, if one is named
   * @throws InvalidValue when the plan has no such step, or it is still to come
   */
  @Transactional
  public EntryView add(long billetId, Plan plan, EntryBody says, String login) {
    requirePast(says);
    String key = says.stepKey();
    String title = key == null ? "" : StepTitles.of(plan, key);
    long id = entries.add(billetId, title, says, accounts.id(login), clock.instant());
    return get(id);
  }

  /**
   * Edits an entry; how it was is kept.
   *
   * @param version the version the change was based on
   * @throws VersionConflict when another version is stored by now
   */
  @Transactional
  public EntryView change(long id, int version, EntryBody says, String login) {
    requirePast(says);
    EntryView was = get(id);
    if (was.kind() != says.kind() || !Objects.equals(was.stepKey(), says.stepKey())) {
      throw new InvalidValue("says", BookText.ENTRY_KEEPS_ITS_KIND_AND_ITS.with());
    }
    if (!entries.replace(id, version, says)) {
      throw new VersionConflict(BookText.THIS_ENTRY.with(), was.version());
    }
    history.keep(was, accounts.id(login), clock.instant());
    return get(id);
  }

  private void requirePast(EntryBody says) {
    Dates.require("at", says.at());
    if (says.at().isAfter(clock.instant().plus(CLOCK_TOLERANCE))) {
      throw new InvalidValue("at", BookText.ENTRY_IN_FUTURE.with());
    }
  }

  /** How an entry was before, newest first. */
  @Transactional(readOnly = true)
  public List<EntryBefore> before(long id) {
    get(id);
    return history.ofEntry(id);
  }

  /** Deletes an entry, or restores it. */
  @Transactional
  public void setDeleted(long id, boolean deleted) {
    get(id);
    entries.setDeleted(id, deleted);
  }

  /**
   * Adds a photograph to an entry.
   *
   * @throws InvalidValue when the entry, or the shop, has enough
   */
  @Transactional
  EntryView addPhoto(long entryId, Photo photo, String login) {
    entries.lock(entryId);
    get(entryId);
    if (entries.photos(entryId) >= MOST_PHOTOS) {
      throw new InvalidValue("photo", BookText.TOO_MANY_PHOTOS.with("most", MOST_PHOTOS));
    }
    if (entries.photoBytes() + photo.jpeg().length > mostPhotoBytes) {
      throw new InvalidValue(
          "photo", BookText.PHOTOS_FULL.with("megabytes", mostPhotoBytes / 1_000_000));
    }
    Instant now = clock.instant();
    entries.addPhoto(UUID.randomUUID().toString(), entryId, photo, accounts.id(login), now);
    return get(entryId);
  }

  /** A photograph, JPEG. */
  @Transactional(readOnly = true)
  public byte[] jpeg(String id) {
    return entries.jpeg(id).orElseThrow(() -> new NotFound(BookText.PHOTO_NOT_FOUND.with()));
  }

  /** Takes a photograph away, or puts it back. */
  @Transactional
  public void setPhotoDeleted(String id, boolean deleted) {
    if (!entries.setPhotoDeleted(id, deleted)) {
      throw new NotFound(BookText.PHOTO_NOT_FOUND.with());
    }
  }
}
