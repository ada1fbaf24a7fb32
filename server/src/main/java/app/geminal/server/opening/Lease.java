package app.geminal.server.opening;

import app.geminal.units.Text;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;

/**
 * One process has a shop open. Taken before anything is written and kept by a sign of life every
 * three seconds; one that was killed is replaced within fifteen seconds, on the same machine at
 * once. A process that finds the shop another's ends.
 */
final class Lease implements AutoCloseable {
  private static final Logger LOG = LoggerFactory.getLogger(Lease.class);

  private static final Duration BEAT = Duration.ofSeconds(3);

  /** Four signs of life missed. */
  private static final int SILENT_S = 12;

  private static final Duration LOOK_AGAIN = Duration.ofMillis(250);

  private final LeaseRepository repository;
  private final String me = UUID.randomUUID().toString();
  private final Runnable lost;
  private final ScheduledExecutorService beats =
      Executors.newSingleThreadScheduledExecutor(Thread.ofVirtual().name("lease").factory());

  private Lease(LeaseRepository repository, Runnable lost) {
    this.repository = repository;
    this.lost = lost;
  }

  /**
   * Takes the shop.
   *
   * @param lost is run when the shop was taken over by another process, which must not happen to
   *     one that lives
   * @throws NotOpened when another process has it
   */
  static Lease take(LeaseRepository repository, Runnable lost) {
    Lease lease = new Lease(repository, lost);
    lease.take();
    long everyMs = BEAT.toMillis();
    var _ = lease.beats.scheduleAtFixedRate(lease::beat, everyMs, everyMs, TimeUnit.MILLISECONDS);
    return lease;
  }

  private void take() {
    LocalDateTime seen = null;
    while (true) {
      LeaseRepository.Holder holder = repository.holder().orElse(null);
      String gone = holder != null && isGone(holder) ? holder.id() : null;
      if (repository.take(me, machine(), ProcessHandle.current().pid(), SILENT_S, gone)) {
        if (holder != null) {
          LOG.info(
              "Taken over from process {} on {}, which has ended",
              holder.process(),
              holder.machine());
        }
        return;
      }
      if (holder != null && seen != null && !holder.beats().equals(seen)) {
        throw new NotOpened(
            Text.of(
                "This shop is already open: process %d on %s, since %s UTC.",
                holder.process(), holder.machine(), Text.of("%tF %<tR", holder.since())),
            "Use that one, or stop it first. A shop runs in one process only.");
      }
      seen = holder == null ? null : holder.beats();
      sleep();
    }
  }

  /**
   * Whether it ran on this machine and does not any more, its number perhaps another's by now; of
   * another machine no one can say.
   */
  private static boolean isGone(LeaseRepository.Holder holder) {
    Instant since = holder.since().toInstant(ZoneOffset.UTC);
    return holder.machine().equals(machine())
        && ProcessHandle.of(holder.process())
            .flatMap(p -> p.info().startInstant())
            .filter(started -> started.isBefore(since))
            .isEmpty();
  }

  private static void sleep() {
    try {
      Thread.sleep(LOOK_AGAIN);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new NotOpened("Opening the shop was cancelled.", "Start again.");
    }
  }

  private void beat() {
    try {
      if (!repository.beat(me)) {
        beats.shutdown();
        LOG.error("Another process has taken this shop over; this one ends.");
        lost.run();
      }
    } catch (DataAccessException e) {
      // The database may come back; whether the shop is still ours is seen then.
      LOG.warn("No sign of life could be written: {}", e.getMostSpecificCause().getMessage());
    }
  }

  private static String machine() {
    try {
      return InetAddress.getLocalHost().getHostName();
    } catch (UnknownHostException e) {
      return "this machine";
    }
  }

  /** Gives the shop back. */
  @Override
  public void close() {
    beats.shutdownNow();
    try {
      repository.release(me);
    } catch (DataAccessException e) {
      LOG.info("The shop could not be given back; it is free in {} s", SILENT_S);
    }
  }
}
