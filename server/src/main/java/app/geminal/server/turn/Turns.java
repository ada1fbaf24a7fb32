package app.geminal.server.turn;

import app.geminal.server.problem.Busy;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/** Lets a few of one kind of work go on at once: each takes all processors while it lasts. */
public final class Turns {
  private final Semaphore free;
  private final Duration patience;
  private final String many;

  /**
   * Turns of one kind of work.
   *
   * @param patience how long to wait for a turn
   * @param many what is going on already when none comes free, as a sentence
   */
  public Turns(int atOnce, Duration patience, String many) {
    this.free = new Semaphore(atOnce, true);
    this.patience = patience;
    this.many = many;
  }

  /** A turn, to be closed when the work has ended. */
  public interface Turn extends AutoCloseable {
    @Override
    void close();
  }

  /**
   * Waits for a turn.
   *
   * @throws Busy when none comes free in time
   */
  public Turn take() {
    try {
      if (free.tryAcquire(patience.toMillis(), TimeUnit.MILLISECONDS)) {
        return free::release;
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    throw new Busy(many);
  }
}
