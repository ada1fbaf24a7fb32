package app.geminal.server.session;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.heatplan.ForgeAction;
import app.geminal.instrument.SensorState;
import app.geminal.server.TestShop;
import app.geminal.server.instrument.InstrumentState;
import app.geminal.server.shop.ShopService;
import app.geminal.shop.Shop;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A session that is followed second by second against the same session read from its log. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class LiveSessionTest {
  private static final Instant START = Instant.parse("2026-03-02T08:00:00Z");
  private static final List<Entry.Kind> SEEN =
      List.of(Entry.Kind.SHADOW, Entry.Kind.NO_SHADOW, Entry.Kind.FLUX_SMOKES);
  private static final List<ForgeAction> ACTS =
      List.of(
          ForgeAction.IN,
          ForgeAction.TURN,
          ForgeAction.OUT,
          ForgeAction.SQUEEZE,
          ForgeAction.LET_GO);

  private PlannedHeat plan;
  private Shop shop;

  @BeforeAll
  void plans() {
    try (TestShop demo = TestShop.demo()) {
      shop = demo.bean(ShopService.class).shop();
      String step = demo.smith().get("/api/v1/billets/1/heats").at("$[0].path");
      plan = demo.bean(HeatPlans.class).planned(1, step);
    }
  }

  private Session session() {
    return new Session(
        1, START, null, false, null, 1, null, List.of(new Session.Billet(0, 1, "b", plan, null)));
  }

  private final class Run {
    private final LiveSession live;
    private final List<KeptEntry> log = new ArrayList<>();
    private final List<ReadingRow> readings = new ArrayList<>();
    private int second;

    Run() {
      live = new LiveSession(session(), shop, List.of(), List.of(), START);
    }

    void passes(int seconds) {
      for (int i = 0; i < seconds; i++) {
        second++;
        InstrumentState forge = new InstrumentState(1150 + second % 40, SensorState.GOOD, true);
        readings.addAll(
            live.tick(at(second), forge, new InstrumentState(9, SensorState.GOOD, true)));
      }
    }

    String tap(Entry.Kind kind, ForgeAction act, String about, double atS) {
      String id = UUID.randomUUID().toString();
      Instant at = START.plusMillis((long) (atS * 1000));
      Entry entry = new Entry(id, kind, 0, act, about, null, "", at, "d");
      KeptEntry kept = new KeptEntry(log.size() + 1L, live.secondOf(at), entry, "m");
      log.add(kept);
      live.kept(List.of(kept), at(second));
      return id;
    }

    /** Read from its log it has come one second further than its last reading; so has it live. */
    LiveSession again() {
      live.tick(at(second + 1), InstrumentState.NOTHING, InstrumentState.NOTHING);
      return new LiveSession(session(), shop, log, readings, at(second));
    }
  }

  private static Instant at(int second) {
    return START.plusSeconds(second);
  }

  private static void same(LiveSession one, LiveSession other) {
    assertThat(one.course(0).marks()).isEqualTo(other.course(0).marks());
    assertThat(one.course(0).estimate()).isEqualTo(other.course(0).estimate());
    assertThat(one.course(0).progress().states()).isEqualTo(other.course(0).progress().states());
    assertThat(one.course(0).exposure()).isEqualTo(other.course(0).exposure());
  }

  /** Late taps and undoing go back to the last marked moment; it must be as if to the beginning. */
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void whatComesLateEndsAsIfItHadBeenInTheLog(long seed) {
    Random random = new Random(seed);
    Run run = new Run();
    List<String> taps = new ArrayList<>();
    for (int i = 0; i < 12; i++) {
      run.passes(60 + random.nextInt(200));
      double late = random.nextInt(3) == 0 ? run.second - random.nextInt(900) : run.second;
      taps.add(run.tap(Entry.Kind.DEED, ACTS.get(random.nextInt(5)), null, Math.max(1, late)));
      if (random.nextInt(3) == 0) {
        Entry.Kind seen = SEEN.get(random.nextInt(SEEN.size()));
        taps.add(run.tap(seen, null, null, Math.max(1, late + 20)));
      }
      if (random.nextInt(3) == 0) {
        run.passes(random.nextInt(30));
        String about = taps.get(random.nextInt(taps.size()));
        taps.add(run.tap(Entry.Kind.UNDO, null, about, run.second));
      }
    }
    // Whatever was live until now is worked out from a marked moment.
    run.passes(40);
    run.tap(Entry.Kind.DEED, ForgeAction.TURN, null, run.second - 20);
    LiveSession again = run.again();
    same(run.live, again);
  }

  @Test
  void aClockThatIsSetBackTakesNothingBack() {
    Run run = new Run();
    run.passes(400);
    run.tap(Entry.Kind.DEED, ForgeAction.IN, null, run.second);
    Instant back = at(run.second).minusSeconds(7200);
    run.live.tick(back, InstrumentState.NOTHING, InstrumentState.NOTHING);
    double next = run.live.secondOf(back.plusSeconds(5));
    assertThat(next).isBetween(400.0, 410.0);
    run.live.tick(back.plusSeconds(10), InstrumentState.NOTHING, InstrumentState.NOTHING);
    assertThat(run.live.lastedS(back.plusSeconds(10))).isBetween(405.0, 415.0);
  }

  @Test
  void anEntryThatWasTakenBackBeforeItCameCountsForNothing() {
    Run run = new Run();
    run.passes(50);
    String in = UUID.randomUUID().toString();
    run.tap(Entry.Kind.UNDO, null, in, run.second);
    Entry entry =
        new Entry(in, Entry.Kind.DEED, 0, ForgeAction.IN, null, null, "", at(run.second), "d");
    KeptEntry kept = new KeptEntry(9, run.second, entry, "m");
    run.log.add(kept);
    run.live.kept(List.of(kept), at(run.second));
    assertThat(run.live.course(0).begun()).isFalse();
    LiveSession again = run.again();
    same(run.live, again);
  }

  @Test
  void aRehearsalNoOneLooksAtIsLetGoOfAndComesBackAsItWas() {
    Session rehearsed =
        new Session(
            2,
            START,
            null,
            true,
            null,
            5,
            null,
            List.of(new Session.Billet(0, 1, "b", plan, null)));
    LiveSession live = new LiveSession(rehearsed, shop, List.of(), List.of(), START);
    Listener screen = live.listen(START, "sign-in");
    Entry in =
        new Entry(
            UUID.randomUUID().toString(),
            Entry.Kind.DEED,
            0,
            ForgeAction.IN,
            null,
            null,
            "",
            START,
            "d");
    KeptEntry kept = new KeptEntry(1, live.secondOf(START), in, "m");
    live.kept(List.of(kept), START);
    List<ReadingRow> readings = new ArrayList<>();
    for (int i = 0; i < 300; i++) {
      readings.addAll(live.rehearse(0.2));
    }
    assertThat(live.isLetGo(at(600))).as("somebody looks").isFalse();
    live.leave(screen);
    live.askedFor(at(600));
    assertThat(live.isLetGo(at(655))).as("somebody has just asked for it").isFalse();
    assertThat(live.isLetGo(at(665))).isTrue();
    LiveSession again = new LiveSession(rehearsed, shop, List.of(kept), readings, at(700));
    // It comes back at the end of the second it was in.
    assertThat(again.lastedS(at(700))).isBetween(live.lastedS(at(700)), live.lastedS(at(700)) + 1);
    assertThat(again.course(0).marks()).isEqualTo(live.course(0).marks());
    assertThat(again.course(0).estimate().skinC())
        .isCloseTo(live.course(0).estimate().skinC(), within(1.0));
  }

  @Test
  void aSessionThatContinuesIsNeverLetGoOf() {
    Run run = new Run();
    assertThat(run.live.isLetGo(at(100_000))).isFalse();
    run.live.setEnded(at(100_000), at(100_000));
    assertThat(run.live.isLetGo(at(100_061))).isTrue();
  }
}
