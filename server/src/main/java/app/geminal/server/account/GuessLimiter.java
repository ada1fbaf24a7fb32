package app.geminal.server.account;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.text.Normalizer;
import java.time.Duration;
import java.util.Locale;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Slows guessing of passwords and codes. Wrong tries count for a name at an address, and for the
 * address; each wrong try over the free ones doubles the wait. What is right counts for nothing. A
 * try from elsewhere does not slow the owner of the name at their own address, but for a name that
 * is guessed from very many addresses.
 */
@Component
public class GuessLimiter {
  private static final int FREE_HERE = 6;
  private static final int FREE_AT_ADDRESS = 40;
  private static final int FREE_FOR_NAME = 200;
  private static final Duration LONGEST_WAIT = Duration.ofMinutes(5);
  private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(30);
  private static final int MOST_REMEMBERED = 20_000;

  private final Cache<String, Tries> tries =
      Caffeine.newBuilder().maximumSize(MOST_REMEMBERED).expireAfterAccess(FORGOTTEN_AFTER).build();
  private final LongSupplier nanoTime;

  @Autowired
  GuessLimiter() {
    this(System::nanoTime);
  }

  GuessLimiter(LongSupplier nanoTime) {
    this.nanoTime = nanoTime;
  }

  /** Wrong tries of one kind, those that are not decided yet among them. */
  private static final class Tries {
    private final int free;
    private int wrong;
    private long openFrom;

    Tries(int free, long now) {
      this.free = free;
      this.openFrom = now;
    }

    synchronized long waitNanos(long now) {
      return Math.max(0, openFrom - now);
    }

    synchronized void count(long now) {
      wrong++;
      if (wrong >= free) {
        long doubled = Duration.ofSeconds(1L << Math.min(20, wrong - free)).toNanos();
        openFrom = now + Math.min(doubled, LONGEST_WAIT.toNanos());
      }
    }

    synchronized void takeBack(long now) {
      wrong = Math.max(0, wrong - 1);
      openFrom = now;
    }
  }

  /**
   * Begins a try: it counts as wrong until {@link #right} says otherwise, so that many at once are
   * slowed too.
   *
   * @return seconds to wait before trying again; 0 when this one may go on
   */
  public long begin(String name, String address) {
    long now = nanoTime.getAsLong();
    Tries here = tries(hereKey(name, address), FREE_HERE, now);
    Tries at = tries(atKey(address), FREE_AT_ADDRESS, now);
    Tries named = tries(nameKey(name), FREE_FOR_NAME, now);
    long wait = Math.max(here.waitNanos(now), Math.max(at.waitNanos(now), named.waitNanos(now)));
    if (wait > 0) {
      return 1 + Duration.ofNanos(wait).toSeconds();
    }
    here.count(now);
    at.count(now);
    named.count(now);
    return 0;
  }

  /**
   * The same for an endpoint.
   *
   * @throws TooManyGuesses when this one comes too soon
   */
  public void require(String name, String address) {
    long seconds = begin(name, address);
    if (seconds > 0) {
      throw new TooManyGuesses(seconds);
    }
  }

  /** The try that was begun was right, or no one could say. */
  public void right(String name, String address) {
    long now = nanoTime.getAsLong();
    tries.invalidate(hereKey(name, address));
    tries(atKey(address), FREE_AT_ADDRESS, now).takeBack(now);
    tries(nameKey(name), FREE_FOR_NAME, now).takeBack(now);
  }

  private Tries tries(String key, int free, long now) {
    return tries.get(key, _ -> new Tries(free, now));
  }

  private static String hereKey(String name, String address) {
    return "here " + address + " " + plain(name);
  }

  private static String atKey(String address) {
    return "at " + address;
  }

  private static String nameKey(String name) {
    return "name " + plain(name);
  }

  /** One form for all the ways to write a name that the database holds to be the same. */
  private static String plain(String name) {
    return Normalizer.normalize(name.strip(), Normalizer.Form.NFKD)
        .replaceAll("\\p{M}", "")
        .toUpperCase(Locale.ROOT)
        .toLowerCase(Locale.ROOT);
  }
}
