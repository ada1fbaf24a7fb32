package app.geminal.server.schedule;

import app.geminal.server.problem.Busy;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/** Lets a few searches go on at once: each takes all processors for as long as it lasts. */
final class Turns {
  private final Semaphore free;
  private final Duration patience;

  Turns(int atOnce, Duration patience) {
    this.free = new Semaphore(atOnce, true);
    this.patience = patience;
  }

  /** A turn, to be closed when the search has ended. */
  interface Turn extends AutoCloseable {
    @Override
    void close();
  }

  /**
   * Waits for a turn.
   *
   * @throws Busy when none comes free in time
   */
  Turn take() {
    try {
      if (free.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS)) {
        return free::release;
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    throw new Busy("Several searches are going on already.");
  }
}
