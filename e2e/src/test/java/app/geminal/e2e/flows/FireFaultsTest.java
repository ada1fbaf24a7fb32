package app.geminal.e2e.flows;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.e2e.fixtures.Shop;
import app.geminal.e2e.fixtures.Smith;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
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
      assertThat(smith.logEntries(fire)).containsExactlyElementsOf(tapping.answered);
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
}
