package app.geminal.server.archive;

import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * A backup every night into a folder, perhaps a mounted stick; once a week the newest one is
 * restored and compared. A machine that was off at night makes it when it is on again.
 */
@Component
public class NightlyBackups {
  private static final Logger LOG = LoggerFactory.getLogger(NightlyBackups.class);
  static final String NAMED = "shop-";
  private static final LocalTime NIGHT = LocalTime.of(3, 0);
  private static final Duration LATE = Duration.ofHours(24);
  private static final Duration PROVEN = Duration.ofDays(7);
  private static final int LOOKS_EVERY_MIN = 10;

  private final ObjectProvider<Flyway> flyway;
  private final BackupCheck check;
  private final Archives archives;
  private final Clock clock;
  private final String folder;
  private final int kept;
  private final ScheduledExecutorService hours =
      Executors.newSingleThreadScheduledExecutor(
          Thread.ofPlatform().daemon().name("nightly-backups").factory());

  /** Why the last attempt failed, null where it did not. */
  private volatile @Nullable Message problem;

  NightlyBackups(
      ObjectProvider<Flyway> flyway,
      BackupCheck check,
      Archives archives,
      Clock clock,
      @Value("${geminal.nightly.folder}") String folder,
      @Value("${geminal.nightly.kept}") int kept) {
    this.flyway = flyway;
    this.check = check;
    this.archives = archives;
    this.clock = clock;
    this.folder = folder.strip();
    this.kept = Math.max(1, kept);
  }

  /**
   * What there is.
   *
   * @param folder where backups are written, empty where none are made
   * @param kept how many are kept
   * @param there how many there are
   * @param newestAt when the newest was made, null for none
   * @param checkedAt when one was last restored and compared, null for never
   * @param late whether the newest is older than a day, or there is none
   * @param problem why the last one was not made or not proven, null where none failed
   */
  public record Status(
      String folder,
      int kept,
      int there,
      @Nullable Instant newestAt,
      @Nullable Instant checkedAt,
      boolean late,
      @Nullable Message problem) {}

  @EventListener(ApplicationReadyEvent.class)
  void begin() {
    if (!folder.isEmpty()) {
      var _ = hours.scheduleWithFixedDelay(this::whenDue, 1, LOOKS_EVERY_MIN, TimeUnit.MINUTES);
    }
  }

  @jakarta.annotation.PreDestroy
  void end() {
    hours.shutdownNow();
  }

  /** What there is now. */
  public Status status() {
    if (folder.isEmpty()) {
      return new Status("", kept, 0, null, null, false, null);
    }
    try {
      List<BackupFolder.Backup> all = backups().all();
      Instant newest = all.isEmpty() ? null : all.getFirst().at();
      return new Status(
          folder, kept, all.size(), newest, lastChecked(all).orElse(null), isLate(newest), problem);
    } catch (IOException e) {
      return new Status(folder, kept, 0, null, null, true, cannot(e));
    }
  }

  private boolean isLate(@Nullable Instant newest) {
    return newest == null || newest.isBefore(clock.instant().minus(LATE));
  }

  /**
   * A backup of now, and a check where one is due; a failure is in {@link #status}.
   *
   * @throws InvalidValue where there is no folder for backups
   */
  public synchronized void now() {
    if (folder.isEmpty()) {
      throw new InvalidValue("", ArchiveText.BACKUPS_ARE_OFF.with());
    }
    try {
      write();
      prove();
      problem = null;
    } catch (InvalidValue bad) {
      problem = bad.words();
      LOG.warn("The nightly backup did not work: {}", bad.getMessage());
    } catch (IOException | UncheckedIOException | DataAccessException e) {
      problem = cannot(e);
      LOG.warn("The nightly backup did not work: {}", e.toString());
    }
  }

  void whenDue() {
    try {
      // Where there is nothing yet there is nothing to lose.
      if (isDue() && !archives.isShopEmpty()) {
        now();
      }
    } catch (IOException | RuntimeException e) {
      problem = cannot(e);
      LOG.warn("The nightly backup did not work: {}", e.toString());
    }
  }

  /** Whether a night has passed since the newest one. */
  private boolean isDue() throws IOException {
    List<BackupFolder.Backup> all = backups().all();
    return all.isEmpty() || all.getFirst().at().isBefore(lastNight());
  }

  private Instant lastNight() {
    ZonedDateTime now = ZonedDateTime.now(clock);
    ZonedDateTime tonight = now.with(NIGHT);
    return (tonight.isAfter(now) ? tonight.minusDays(1) : tonight).toInstant();
  }

  private void write() throws IOException {
    Path place = Path.of(folder);
    // A stick that is not there must not become a folder on the disk that is to be backed up.
    Path above = place.toAbsolutePath().getParent();
    if (!Files.isDirectory(place) && (above == null || !Files.isDirectory(above))) {
      throw BadArchive.because(ArchiveText.NO_BACKUP_FOLDER.with("folder", folder));
    }
    Files.createDirectories(place);
    Archives.backUp(flyway.getObject(), backups().fileFor(clock.instant()));
    backups().keep(kept);
  }

  private void prove() throws IOException {
    List<BackupFolder.Backup> all = backups().all();
    Instant since = clock.instant().minus(PROVEN);
    if (lastChecked(all).filter(at -> at.isAfter(since)).isEmpty()) {
      check.restoreAndCompare(all.getFirst().file());
      all.getFirst().markChecked(clock.instant());
    }
  }

  private static Optional<Instant> lastChecked(List<BackupFolder.Backup> all) throws IOException {
    for (BackupFolder.Backup backup : all) {
      Optional<Instant> at = backup.checkedAt();
      if (at.isPresent()) {
        return at;
      }
    }
    return Optional.empty();
  }

  private BackupFolder backups() {
    return new BackupFolder(Path.of(folder), NAMED);
  }

  private Message cannot(Exception e) {
    return ArchiveText.BACKUP_FAILED.with(
        "folder",
        folder,
        "why",
        Objects.requireNonNullElse(e.getMessage(), e.getClass().getSimpleName()));
  }
}
