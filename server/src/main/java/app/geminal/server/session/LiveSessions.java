package app.geminal.server.session;

import app.geminal.heat.BarHeat;
import app.geminal.server.account.SignedOut;
import app.geminal.server.instrument.Channel;
import app.geminal.server.instrument.InstrumentState;
import app.geminal.server.instrument.Instruments;
import app.geminal.server.problem.NotFound;
import app.geminal.server.shop.ShopService;
import app.geminal.simulator.SimulatedBench;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Lazy;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * The sessions that are going on or looked at, and the clock that moves them: the instruments are
 * asked more than twice a second and every live session keeps the first answer of each second;
 * rehearsals move five times a second. A session is taken from the database when it is first asked
 * for, also after a restart.
 */
@Component
@Lazy(false)
class LiveSessions {
  private static final Logger LOG = LoggerFactory.getLogger(LiveSessions.class);
  private static final int TICK_MS = 200;

  /** Readings are asked for this often, so that no second passes without one. */
  private static final int TICKS_A_QUESTION = 2;

  /** As often while no session continues, so that the Shop can say how its instruments stand. */
  private static final int TICKS_AT_REST = 25;

  private final ForgeSessionRepository repository;
  private final SessionEntryRepository entries;
  private final SessionReadingRepository readings;
  private final ShopService shops;
  private final Instruments instruments;
  private final ReadingKeeper keeper;
  private final Clock clock;
  private final Map<Long, LiveSession> live = new ConcurrentHashMap<>();
  private final ScheduledExecutorService ticker =
      Executors.newSingleThreadScheduledExecutor(
          Thread.ofPlatform().daemon().name("fire-clock").factory());
  private long ticks;

  LiveSessions(
      ForgeSessionRepository repository,
      SessionEntryRepository entries,
      SessionReadingRepository readings,
      ShopService shops,
      Instruments instruments,
      ReadingKeeper keeper,
      Clock clock) {
    this.repository = repository;
    this.entries = entries;
    this.readings = readings;
    this.shops = shops;
    this.instruments = instruments;
    this.keeper = keeper;
    this.clock = clock;
  }

  /** After the demo shop is there; sessions that were open go on. */
  @EventListener(ApplicationReadyEvent.class)
  @Order(2)
  public void open() {
    repository.openLive().forEach(this::goOn);
    var _ = ticker.scheduleAtFixedRate(this::tick, TICK_MS, TICK_MS, TimeUnit.MILLISECONDS);
  }

  /** A session that cannot be read any more must not keep the shop from opening. */
  private void goOn(long id) {
    try {
      get(id);
    } catch (RuntimeException e) {
      LOG.error("Session {} at the fire cannot go on", id, e);
    }
  }

  /**
   * A session, taken from the database where it is not held; from now on it is held for a while.
   */
  LiveSession get(long id) {
    return Objects.requireNonNull(
        live.compute(
            id,
            (_, held) -> {
              LiveSession fire = held == null ? load(id) : held;
              fire.askedFor(clock.instant());
              return fire;
            }));
  }

  /** Lets go of those that no one has asked for or looks at and whose time is paused. */
  private void letGo(Instant now) {
    // One at a time, so that none is let go while someone asks for it.
    live.keySet().forEach(id -> live.computeIfPresent(id, (_, f) -> f.isLetGo(now) ? null : f));
  }

  private LiveSession load(long id) {
    Session session =
        repository
            .find(id)
            .orElseThrow(() -> new NotFound(SessionText.NO_SESSION.with("number", id)));
    return new LiveSession(
        session, shops.shop(), entries.entries(id), readings.readings(id), clock.instant());
  }

  void setEnded(long id, boolean ended) {
    Instant now = clock.instant();
    get(id).setEnded(ended ? now : null, now);
  }

  /** Screens of sign-ins that have ended receive nothing more, from this moment on. */
  @EventListener
  void signedOut(SignedOut ended) {
    live.values().forEach(f -> f.signedOut(ended.sessionIds()));
  }

  /** It is read from the database again at the next question. */
  void forget(long id) {
    live.remove(id);
  }

  private void tick() {
    ticks++;
    List<ReadingRow> rows = new ArrayList<>();
    if (ticks % TICKS_A_QUESTION == 0) {
      alone("instruments", () -> question(rows));
    }
    for (LiveSession fire : live.values()) {
      if (fire.isRehearsal()) {
        alone("session " + fire.id(), () -> rows.addAll(fire.rehearse(TICK_MS / 1000.0)));
      }
    }
    alone("readings", () -> keeper.add(rows));
  }

  /** One bad session or second must not stop the clock of the others. */
  private static void alone(String what, Runnable work) {
    try {
      work.run();
    } catch (RuntimeException e) {
      LOG.error("The clock of the forge sessions stumbled over {}", what, e);
    }
  }

  private void question(List<ReadingRow> rows) {
    Instant now = clock.instant();
    boolean going = live.values().stream().anyMatch(f -> !f.isRehearsal() && f.isOpen());
    if (going || ticks % TICKS_AT_REST < TICKS_A_QUESTION) {
      instruments.ask(now.toEpochMilli() / 1000.0);
    }
    InstrumentState forge = instruments.said(Channel.FORGE);
    InstrumentState press = instruments.said(Channel.PRESS);
    letGo(now);
    live.values().stream().filter(f -> f.isForgotten(now)).forEach(f -> endForgotten(f, now));
    for (LiveSession fire : live.values()) {
      if (fire.isOpen() && !fire.isRehearsal()) {
        alone("session " + fire.id(), () -> rows.addAll(fire.tick(now, forge, press)));
      }
    }
  }

  private void endForgotten(LiveSession fire, Instant now) {
    LOG.info("Session {} was left open and is ended; it can be gone on with.", fire.id());
    repository.setEnded(fire.id(), now);
    fire.setEnded(now, now);
  }

  /** Entries are on disk: the session takes them, and the simulated bench where it is in. */
  void kept(long id, List<KeptEntry> entries) {
    LiveSession fire = get(id);
    instruments
        .bench()
        .filter(b -> fire.isOpen() && !fire.isRehearsal())
        .ifPresent(b -> entries.forEach(k -> atBench(b, fire, k.entry())));
    fire.kept(entries, clock.instant());
  }

  private static void atBench(SimulatedBench bench, LiveSession fire, Entry e) {
    if (e.act() == null) {
      return;
    }
    String name = fire.id() + "/" + e.place();
    BarHeat.Of of = fire.session().billets().get(e.place()).plan().bar();
    double coreC = fire.course(e.place()).estimate().coreC();
    switch (e.act()) {
      case IN -> {
        bench.letGo();
        bench.put(name, new BarHeat(of, coreC));
      }
      case OUT -> bench.take(name);
      case SQUEEZE -> {
        bench.take(name);
        bench.squeeze(new BarHeat(of, coreC), of);
      }
      case LET_GO, BRUSH, LOOK -> bench.letGo();
      case TURN, FLUX, FUEL -> {}
    }
  }

  @PreDestroy
  void close() {
    ticker.shutdownNow();
  }
}
