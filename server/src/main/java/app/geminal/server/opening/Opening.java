package app.geminal.server.opening;

import app.geminal.units.Text;
import java.time.Clock;
import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.stereotype.Component;

/**
 * Opens a shop: takes it for this process, refuses one that a later release has changed or whose
 * upgrade broke off, backs it up before its tables change, and brings them to this release.
 */
@Component
class Opening implements FlywayMigrationStrategy, DisposableBean {
  private final ConfigurableApplicationContext context;
  private final UpgradeBackups backups;
  private @Nullable Lease lease;

  Opening(
      ConfigurableApplicationContext context,
      @Value("${geminal.backups:}") String folder,
      Clock clock) {
    this.context = context;
    this.backups = new UpgradeBackups(folder, clock);
  }

  @Override
  public void migrate(Flyway flyway) {
    LeaseRepository repository = new LeaseRepository(flyway);
    Optional<MigrationVersion> there =
        Optional.ofNullable(flyway.info().current()).map(MigrationInfo::getVersion);
    if (there.isEmpty()) {
      // Nothing is there yet: the tables first, which the migrations' own lock lets one process
      // make.
      flyway.migrate();
    }
    repository.prepare();
    lease = Lease.take(repository, this::end);
    refuseLater(flyway);
    refuseBrokenOff(repository);
    if (flyway.info().pending().length > 0) {
      repository.noteUpgrading(backups.write(flyway));
      flyway.migrate();
      repository.noteUpgrading(null);
    }
  }

  private static void refuseLater(Flyway flyway) {
    MigrationVersion here =
        Arrays.stream(flyway.info().all())
            .filter(m -> m.getState().isResolved())
            .map(MigrationInfo::getVersion)
            .max(MigrationVersion::compareTo)
            .orElse(MigrationVersion.EMPTY);
    MigrationVersion there = Objects.requireNonNull(flyway.info().current()).getVersion();
    if (there.compareTo(here) > 0) {
      throw new NotOpened(
          Text.of(
              "This shop was opened by a later release of Geminal (tables %s, here %s).",
              there, here),
          "Start that release or a later one.");
    }
  }

  private static void refuseBrokenOff(LeaseRepository repository) {
    repository
        .upgrading()
        .ifPresent(backup -> {
          throw new NotOpened(
              "An upgrade of this shop was interrupted. Everything is in the backup "
                  + backup
                  + ".",
              "Run bin/recover with the same --home. It restores the backup and upgrades again.");
        });
  }

  /** The shop is another process's: nothing may be written from here any more. */
  private void end() {
    Thread.ofPlatform()
        .start(() -> {
          context.close();
          System.exit(1);
        });
  }

  @Override
  public void destroy() {
    if (lease != null) {
      lease.close();
    }
  }
}
