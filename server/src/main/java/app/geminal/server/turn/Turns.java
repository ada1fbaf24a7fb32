package app.geminal.server.turn;

import app.geminal.server.problem.Busy;
import app.geminal.text.Message;
import java.time.Duration;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

/**
 * Lets a few of one kind of work go on at once: each takes all processors while it lasts. A person
 * has only some of the turns, so that others always find one; who asks for more waits for their
 * own.
 */
public final class Turns {
  private final Semaphore free;
  private final int each;
  private final Duration patience;
  private final Message many;
  private final ConcurrentHashMap<String, Share> shares = new ConcurrentHashMap<>();

  /** What one person has of the turns, and how many of their requests hold or want one. */
  private static final class Share {
    private final Semaphore free;
    private int users;

    Share(int turns) {
      free = new Semaphore(turns, true);
    }
  }

  /**
   * Turns of one kind of work.
   *
   * @param atOnce for everyone together
   * @param each for one person
   * @param patience how long to wait for a turn
   * @param many what is going on already when none comes free, as a sentence
   */
  public Turns(int atOnce, int each, Duration patience, Message many) {
    this.free = new Semaphore(atOnce, true);
    this.each = each;
    this.patience = patience;
    this.many = many;
  }

  /**
   * Whose work it is.
   *
   * @param name the same for all who share
   * @param most turns they have at once, where that is less than a person has
   */
  public record Person(String name, int most) {
    /** Someone with the usual share. */
    public static Person of(String name) {
      return new Person(name, Integer.MAX_VALUE);
    }
  }

  /** A turn, to be closed when the work has ended. */
  public interface Turn extends AutoCloseable {
    @Override
    void close();
  }

  /**
   * Waits for a turn.
   *
   * @param person whose work it is
   * @throws Busy when none comes free in time
   */
  public Turn take(Person person) {
    Share share = enter(person);
    long until = System.nanoTime() + patience.toNanos();
    try {
      if (share.free.tryAcquire(patience.toNanos(), TimeUnit.NANOSECONDS)) {
        if (free.tryAcquire(Math.max(0, until - System.nanoTime()), TimeUnit.NANOSECONDS)) {
          return () -> {
            free.release();
            share.free.release();
            leave(person.name());
          };
        }
        share.free.release();
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    leave(person.name());
    throw new Busy(many);
  }

  private Share enter(Person person) {
    return shares.compute(
        person.name(),
        (_, there) -> {
          Share share = there == null ? new Share(Math.min(each, person.most())) : there;
          share.users++;
          return share;
        });
  }

  private void leave(String person) {
    shares.computeIfPresent(person, (_, share) -> --share.users == 0 ? null : share);
  }
}
