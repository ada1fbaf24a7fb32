package app.geminal.e2e.timed;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Smith;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A tap at the fire reaches every other screen within half a second; run by bin/bench stories. */
@Tag("timed")
class FiftySessionsTest {
  /** Fifty sessions, each with its readings once a second, its taps and a screen that looks. */
  @Test
  void fiftySessionsAtOnce() throws Exception {
    int sessions = 50;
    int seconds = 30;
    try (Shop shop = Shop.demo()) {
      Smith smith = new Smith(shop);
      List<Long> fires = new ArrayList<>();
      for (int i = 0; i < sessions; i++) {
        fires.add(smith.begin(1 + i % 6));
      }
      ConcurrentLinkedQueue<Double> delays = new ConcurrentLinkedQueue<>();
      List<Thread> screens = new ArrayList<>();
      List<Looking> looking = new ArrayList<>();
      for (long fire : fires) {
        Looking look = new Looking(smith, fire, delays);
        looking.add(look);
        screens.add(Thread.ofVirtual().start(look));
      }
      for (Looking look : looking) {
        assertThat(look.begun.await(60, TimeUnit.SECONDS)).isTrue();
      }
      long start = System.nanoTime();
      List<Thread> taps = new ArrayList<>();
      for (int i = 0; i < sessions; i++) {
        Looking look = looking.get(i);
        int offset = i * 40;
        taps.add(
            Thread.ofVirtual()
                .start(() -> look.tap(start + TimeUnit.SECONDS.toNanos(seconds), offset)));
      }
      for (Thread t : taps) {
        t.join();
      }
      TimeUnit.SECONDS.sleep(2);
      looking.forEach(l -> l.over = true);
      List<Double> sorted = delays.stream().sorted().toList();
      double p99 = sorted.get((int) (sorted.size() * 0.99));
      System.out.printf(
          "measured: fifty sessions: %d taps to screens, median %.0f ms, 99th percentile %.0f ms, longest %.0f ms%n",
          sorted.size(), sorted.get(sorted.size() / 2), p99, sorted.getLast());
      assertThat(sorted.size()).isEqualTo(looking.stream().mapToInt(l -> l.tapped).sum());
      assertThat(p99).isLessThan(500);
      for (long fire : fires) {
        List<Integer> kept =
            smith
                .get("/api/v1/forge-sessions/%d/readings.csv".formatted(fire))
                .lines()
                .filter(l -> l.contains(",forge,"))
                .map(l -> Integer.valueOf(l.substring(0, l.indexOf(','))))
                .toList();
        assertThat(kept.size()).isGreaterThanOrEqualTo(seconds);
        assertThat(kept.getLast() - kept.getFirst())
            .as("no second is missing")
            .isEqualTo(kept.size() - 1);
      }
    }
  }

  /** A screen on one session: taps, and hears of its taps on its own line. */
  private static final class Looking implements Runnable {
    private final Smith smith;
    private final long fire;
    private final ConcurrentLinkedQueue<Double> delays;
    private final Map<String, Long> sent = new ConcurrentHashMap<>();
    private final CountDownLatch begun = new CountDownLatch(1);
    private volatile boolean over;
    private int tapped;

    Looking(Smith smith, long fire, ConcurrentLinkedQueue<Double> delays) {
      this.smith = smith;
      this.fire = fire;
      this.delays = delays;
    }

    @Override
    public void run() {
      try (var lines = smith.lines("/api/v1/forge-sessions/%d/stream".formatted(fire))) {
        var iterator = lines.iterator();
        while (!over && iterator.hasNext()) {
          String line = iterator.next();
          begun.countDown();
          if (line.startsWith("{\"told\":\"entries\"")) {
            sent.forEach((id, at) -> {
              if (line.contains(id)) {
                delays.add((System.nanoTime() - at) / 1e6);
                sent.remove(id);
              }
            });
          }
        }
      } catch (Exception e) {
        throw new IllegalStateException(e);
      }
    }

    void tap(long untilNanos, int offsetMs) {
      try {
        TimeUnit.MILLISECONDS.sleep(offsetMs);
        String act = "IN";
        while (System.nanoTime() < untilNanos) {
          String id = UUID.randomUUID().toString();
          sent.put(id, System.nanoTime());
          tapped++;
          assertThat(smith.tells(fire, id, act)).isTrue();
          act = act.equals("TURN") ? "LOOK" : "TURN";
          TimeUnit.SECONDS.sleep(2);
        }
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }
}
