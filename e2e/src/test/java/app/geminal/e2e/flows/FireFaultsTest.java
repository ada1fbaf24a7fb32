package app.geminal.e2e.flows;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Smith;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

/** A power cut in the middle of a session, of the server and of its database. */
class FireFaultsTest {
  private static final int ENTRIES = 60;
  private static final int BEFORE_THE_CUT = 20;
  private static final long EVERY_MS = 200;

  /** Five entries a second; one that was not answered for is sent again until it is. */
  private static final class Tapping {
    private final List<String> answered = new ArrayList<>();
    private final CountDownLatch cut = new CountDownLatch(BEFORE_THE_CUT);
    private final AtomicReference<Throwable> fault = new AtomicReference<>();
    private final Thread thread;
    private int again;

    Tapping(Smith smith, long fire) {
      thread = Thread.ofPlatform().start(() -> tap(smith, fire));
    }

    private void tap(Smith smith, long fire) {
      try {
        for (int i = 0; i < ENTRIES; i++) {
          long next = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(EVERY_MS);
          String id = UUID.randomUUID().toString();
          while (!smith.tells(fire, id, i % 2 == 0 ? "TURN" : "LOOK")) {
            again++;
            TimeUnit.MILLISECONDS.sleep(EVERY_MS);
          }
          answered.add(id);
          cut.countDown();
          TimeUnit.NANOSECONDS.sleep(Math.max(0, next - System.nanoTime()));
        }
      } catch (Throwable e) {
        fault.set(e);
      }
    }

    void await() throws InterruptedException {
      thread.join(120_000);
      assertThat(fault.get()).isNull();
    }
  }

  private interface Power {
    void cut(Shop shop) throws Exception;
  }

  private static void everyAnsweredEntryIsThere(Power power) throws Exception {
    try (Shop shop = Shop.demo()) {
      Smith smith = new Smith(shop);
      long fire = smith.begin(3);
      Tapping tapping = new Tapping(smith, fire);
      assertThat(tapping.cut.await(60, TimeUnit.SECONDS)).isTrue();
      power.cut(shop);
      tapping.await();
      assertThat(tapping.answered).hasSize(ENTRIES);
      assertThat(tapping.again).as("the cut was felt").isPositive();
      assertThat(smith.deeds(fire)).containsExactlyElementsOf(tapping.answered);
    }
  }

  @Test
  void theServerIsKilled() throws Exception {
    everyAnsweredEntryIsThere(shop -> {
      shop.killServer();
      shop.restart();
    });
  }

  @Test
  void theDatabaseIsKilled() throws Exception {
    everyAnsweredEntryIsThere(shop -> {
      shop.killDatabase();
      shop.startDatabase();
    });
  }

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
          "fifty sessions: %d taps to screens, median %.0f ms, 99th percentile %.0f ms, longest %.0f ms%n",
          sorted.size(), sorted.get(sorted.size() / 2), p99, sorted.getLast());
      assertThat(sorted.size()).isEqualTo(looking.stream().mapToInt(l -> l.tapped).sum());
      assertThat(p99).isLessThan(500);
      for (long fire : fires) {
        List<Integer> kept =
            smith
                .get("/api/fires/%d/readings.csv".formatted(fire))
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
    private final java.util.Map<String, Long> sent = new java.util.concurrent.ConcurrentHashMap<>();
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
      try (var lines = smith.lines("/api/fires/%d/stream".formatted(fire))) {
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
