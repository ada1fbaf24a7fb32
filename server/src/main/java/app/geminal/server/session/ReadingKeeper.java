package app.geminal.server.session;

import jakarta.annotation.PreDestroy;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;

/**
 * Puts readings on disk behind the fire's clock, many in one statement. While the database does not
 * answer they wait here, about an hour of fifty sessions; a row is never put twice.
 */
@Component
class ReadingKeeper {
  private static final Logger LOG = LoggerFactory.getLogger(ReadingKeeper.class);
  private static final int MOST_WAITING = 400_000;
  private static final int AT_ONCE = 2000;
  private static final long AGAIN_MS = 500;

  private final SessionReadingRepository repository;
  private final BlockingQueue<ReadingRow> waiting = new LinkedBlockingQueue<>(MOST_WAITING);
  private final Thread thread;
  private volatile boolean closing;
  private volatile boolean resting = true;

  ReadingKeeper(SessionReadingRepository repository) {
    this.repository = repository;
    this.thread = Thread.ofPlatform().daemon().name("reading-keeper").start(this::run);
  }

  void add(List<ReadingRow> rows) {
    long lost = rows.stream().filter(r -> !waiting.offer(r)).count();
    if (lost > 0) {
      LOG.error("{} readings found no room: the database has not answered for too long.", lost);
    }
  }

  /** Whether everything is on disk. */
  boolean isDone() {
    return waiting.isEmpty() && resting;
  }

  private void run() {
    try {
      while (!closing || !waiting.isEmpty()) {
        resting = waiting.isEmpty();
        ReadingRow first = waiting.poll(100, TimeUnit.MILLISECONDS);
        if (first != null) {
          resting = false;
          List<ReadingRow> rows = new ArrayList<>(List.of(first));
          waiting.drainTo(rows, AT_ONCE - 1);
          keep(rows);
        }
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  /** Tries again while the database is away; rows it will never take are put down one by one. */
  private void keep(List<ReadingRow> rows) throws InterruptedException {
    while (true) {
      try {
        repository.keep(rows);
        return;
      } catch (DataIntegrityViolationException refused) {
        keepOneByOne(rows, refused);
        return;
      } catch (RuntimeException e) {
        if (closing) {
          LOG.error("{} readings could not be put on disk before the end.", rows.size(), e);
          return;
        }
        Thread.sleep(AGAIN_MS);
      }
    }
  }

  private void keepOneByOne(List<ReadingRow> rows, RuntimeException refused)
      throws InterruptedException {
    if (rows.size() == 1) {
      LOG.error("A reading cannot be stored and is dropped: {}", rows.getFirst(), refused);
      return;
    }
    for (ReadingRow row : rows) {
      keep(List.of(row));
    }
  }

  @PreDestroy
  void close() throws InterruptedException {
    closing = true;
    thread.join(3000);
  }
}
