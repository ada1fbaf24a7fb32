package app.geminal.server.archive;

import app.geminal.validation.InvalidValue;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** bin/backup and bin/restore: does one of both and ends the server. */
@Component
@Lazy(false)
class ArchiveCommand {
  private static final Logger LOG = LoggerFactory.getLogger(ArchiveCommand.class);

  private final Archives archives;
  private final ArchiveRestorer restores;
  private final ConfigurableApplicationContext context;
  private final String backup;
  private final String restore;

  ArchiveCommand(
      Archives archives,
      ArchiveRestorer restores,
      ConfigurableApplicationContext context,
      @Value("${geminal.backup:}") String backup,
      @Value("${geminal.restore:}") String restore) {
    this.archives = archives;
    this.restores = restores;
    this.context = context;
    this.backup = backup;
    this.restore = restore;
  }

  @EventListener(ApplicationReadyEvent.class)
  @Order(0)
  void run() {
    if (!backup.isEmpty()) {
      end(() -> archives.write(Path.of(backup)));
    } else if (!restore.isEmpty()) {
      end(() -> restores.takeIn(Path.of(restore)));
    }
  }

  private interface Work {
    void run() throws IOException;
  }

  private void end(Work work) {
    int code = 0;
    try {
      work.run();
      System.out.println("archive: done");
    } catch (InvalidValue bad) {
      System.out.println("archive: " + bad.words());
      code = 1;
    } catch (IOException | UncheckedIOException e) {
      System.out.println("archive: the file could not be read or written: " + e.getMessage());
      code = 1;
    } catch (DataAccessException e) {
      System.out.println(
          "archive: the database refused a row; nothing was changed. "
              + e.getMostSpecificCause().getMessage());
      code = 1;
    } catch (RuntimeException e) {
      LOG.error("The archive cannot be read or written", e);
      System.out.println("archive: this is not an archive that can be read; nothing was changed.");
      code = 1;
    }
    int result = code;
    System.exit(SpringApplication.exit(context, () -> result));
  }
}
