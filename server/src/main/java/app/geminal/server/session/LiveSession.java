package app.geminal.server.session;

import app.geminal.following.HeatCalibration;
import app.geminal.instrument.SensorState;
import app.geminal.review.ReviewNote;
import app.geminal.review.SessionReview;
import app.geminal.rotation.Rotation;
import app.geminal.server.instrument.Channel;
import app.geminal.server.instrument.InstrumentState;
import app.geminal.server.session.SessionView.BilletView;
import app.geminal.server.session.SessionView.EntryView;
import app.geminal.server.session.SessionView.GaugeView;
import app.geminal.server.session.SessionView.Now;
import app.geminal.server.session.SessionView.Whole;
import app.geminal.session.Advice;
import app.geminal.session.HeatSession;
import app.geminal.shop.Shop;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A session that is looked at: its log, its readings, and every billet followed up to this second.
 *
 * <p>An entry that comes in time is done at once; one that comes late, and everything taken back,
 * changes the past of {@link TrackedBillets}. Guarded by its own lock.
 */
final class LiveSession {
  private static final Logger LOG = LoggerFactory.getLogger(LiveSession.class);

  /** An entry this much older than the second that was calculated last is still in time. */
  private static final double IN_TIME_S = 2.5;

  private static final double DAY_MIN = 8 * 60;
  private static final int FORGE_PLACES = 2;
  private static final double DUE_SPEED = 4;
  private static final double FORGOTTEN_AFTER_S = 12 * 3600;
  private static final double HELD_FOR_S = 60;

  /** Seconds a session catches up with at once; some 100 ms of work a billet. */
  private static final int MOST_PER_TICK_S = 120;

  /** Readings may end so long after the session. */
  private static final double SLACK_S = 600;

  /** A clock that jumps back further than this was set. */
  private static final double CLOCK_SLACK_S = 120;

  private static final int ORDER_EVERY_S = 30;
  private static final int ORDER_SOON_S = 3;

  private final Object keeping = new Object();
  private final Session session;
  private final Shop shop;
  private final SessionLog log;
  private final SessionReadings heard;
  private final List<Listener> listeners = new CopyOnWriteArrayList<>();
  private final @Nullable PracticeRun rehearsed;
  private final TrackedBillets tracked;
  private @Nullable Instant endedAt;
  private volatile Instant askedAt;
  private InstrumentState forge = InstrumentState.NOTHING;
  private InstrumentState press = InstrumentState.NOTHING;
  private int second;
  private double clockS;

  /** Added to what the shop's clock says, s; above 0 once it was set back. */
  private double clockShiftS;

  private List<Rotation.Turn> order = List.of();
  private int orderedAtS = -1;

  /**
   * A session as it is stored, up to its last second. Entries and readings that cannot belong to it
   * (an earlier release kept some) are left aside and reported in the log; the session continues.
   *
   * @param now by the shop's clock
   */
  LiveSession(
      Session session, Shop shop, List<KeptEntry> entries, List<ReadingRow> readings, Instant now) {
    this.session = session;
    this.shop = shop;
    this.endedAt = session.endedAt();
    this.askedAt = now;
    this.log = new SessionLog(session.speed());
    this.heard =
        new SessionReadings(
            session.rehearsal() ? 0 : shop.forge().gaugeCorrectionC(),
            session.billets().getFirst().plan().window().chamberC());
    double longestS = longestS(session, now);
    for (ReadingRow r : readings) {
      if (r.second() >= 0 && r.second() <= longestS) {
        heard.put(r);
      }
    }
    for (KeptEntry e : entries) {
      if (SessionTimes.isOfSession(e.atS()) && e.entry().place() < session.billets().size()) {
        log.take(e);
      } else {
        LOG.warn(
            "Session {}: entry {} at {} s is left aside", session.id(), e.entry().id(), e.atS());
      }
    }
    second = Math.max(heard.length(), log.latestS());
    clockS = second;
    tracked = new TrackedBillets(session, shop, log, heard, second);
    rehearsed =
        session.rehearsal() ? PracticeRun.replayed(session, shop.press(), log.all(), second) : null;
    adjustClock(now);
  }

  /** The longest a session can have lasted by now, s; time in a rehearsal may go faster. */
  private static double longestS(Session session, Instant now) {
    Instant end = session.endedAt() == null ? now : session.endedAt();
    double lasted = Math.max(0, SessionTimes.seconds(session.startedAt(), end));
    return (lasted + SLACK_S) * (session.rehearsal() ? Entry.FASTEST : 1);
  }

  /**
   * Where the shop's clock was set back, the session continues from the second it has come to: what
   * is done next must not fall before what was done already.
   */
  private void adjustClock(Instant now) {
    double by = SessionTimes.seconds(session.startedAt(), now) + clockShiftS;
    if (!isRehearsal() && endedAt == null && by < second - CLOCK_SLACK_S) {
      LOG.warn("Session {}: the clock was set back by {} s", session.id(), Math.round(second - by));
      clockShiftS += second - by;
    }
  }

  /**
   * What has become of the joints of a rehearsal, and what was thought of them. Worked out from the
   * log, so the same at every call.
   *
   * @throws IllegalStateException in a live session
   */
  synchronized Inspection inspection() {
    if (rehearsed == null) {
      throw new IllegalStateException("Only a rehearsal has joints that are known.");
    }
    PracticeRun made = PracticeRun.replayed(session, shop.press(), log.all(), second);
    made.ends();
    return Inspection.of(session, made, tracked.all().stream().map(TrackedBillet::course).toList());
  }

  /** Held while entries are put on disk: one screen after the other. */
  Object keeping() {
    return keeping;
  }

  long id() {
    return session.id();
  }

  Session session() {
    return session;
  }

  boolean isRehearsal() {
    return rehearsed != null;
  }

  synchronized boolean isOpen() {
    return endedAt == null;
  }

  /** Whether it ended before a moment. */
  synchronized boolean endedBefore(Instant moment) {
    return endedAt != null && endedAt.isBefore(moment);
  }

  /** How long it has lasted, or lasted until it ended, s. */
  synchronized double lastedS(Instant now) {
    return isRehearsal() ? clockS : secondOf(endedAt == null ? now : endedAt);
  }

  /** Whether a live session was left open: nothing was tapped for half a day. */
  synchronized boolean isForgotten(Instant now) {
    return isOpen() && !isRehearsal() && secondOf(now) - log.latestS() > FORGOTTEN_AFTER_S;
  }

  /** Someone wants it: it is held from now on, long enough to begin to look at it. */
  void askedFor(Instant now) {
    askedAt = now;
  }

  /**
   * Whether it need not be held any more: its time is paused, because it is over or a rehearsal,
   * and no one watches or has asked for it for a while. It comes back from the database as it was.
   */
  synchronized boolean isLetGo(Instant now) {
    return (isRehearsal() || endedAt != null)
        && listeners.isEmpty()
        && SessionTimes.seconds(askedAt, now) > HELD_FOR_S;
  }

  /** The second of the session something done at a moment belongs to. */
  synchronized double secondOf(Instant doneAt) {
    return isRehearsal() ? clockS : SessionTimes.seconds(session.startedAt(), doneAt) + clockShiftS;
  }

  /** Entries that are on disk now; those known already change nothing. */
  synchronized void kept(List<KeptEntry> entries, Instant now) {
    List<KeptEntry> fresh = entries.stream().filter(k -> !log.has(k.entry().id())).toList();
    if (fresh.isEmpty()) {
      return;
    }
    boolean undoes = false;
    double changedFromS = Double.POSITIVE_INFINITY;
    for (KeptEntry k : fresh) {
      log.take(k);
      Entry e = k.entry();
      if (rehearsed != null && endedAt == null) {
        rehearsed.take(e);
      }
      boolean changesThePast =
          e.kind() == Entry.Kind.UNDO
              || e.kind() == Entry.Kind.READING
              || (isOfCourse(e) && k.atS() < Math.max(latestEntryS(e) - 1e-9, second - IN_TIME_S));
      undoes |= e.kind() == Entry.Kind.UNDO;
      if (changesThePast) {
        changedFromS = Math.min(changedFromS, log.changesFromS(k));
      }
    }
    boolean late = changedFromS < Double.POSITIVE_INFINITY;
    if (late) {
      tracked.changed(changedFromS, second);
    } else {
      fresh.stream()
          .filter(k -> isOfCourse(k.entry()) && !log.isUndone(k.entry().id()))
          .forEach(k -> tracked.of(k.entry().place()).done(SessionLog.logged(k)));
    }
    // Several taps are one change of the order, which is worked out again a moment later.
    orderedAtS = Math.min(orderedAtS, second - ORDER_EVERY_S + ORDER_SOON_S);
    if (late || undoes) {
      send(whole(now));
    } else {
      send(new SessionView.Entries(fresh.stream().map(EntryView::of).toList(), log.seq()));
      send(now());
    }
  }

  private double latestEntryS(Entry e) {
    return tracked.of(e.place()).course().lastAtS();
  }

  private static boolean isOfCourse(Entry e) {
    return e.kind() == Entry.Kind.DEED || e.kind().isSighting();
  }

  /** Readings from a logger's file. */
  synchronized void logged(List<ReadingRow> rows, Instant now) {
    rows.forEach(heard::put);
    tracked.changed(rows.stream().mapToInt(ReadingRow::second).min().orElse(0), second);
    send(whole(now));
  }

  /**
   * Time has come to this moment of a live session.
   *
   * @return readings to keep
   */
  synchronized List<ReadingRow> tick(
      Instant now, InstrumentState forgeSays, InstrumentState pressSays) {
    adjustClock(now);
    // After a gap the session catches up in several ticks, so that others do not wait for it.
    int to = Math.min((int) secondOf(now), second + MOST_PER_TICK_S);
    forge = forgeSays;
    press = pressSays;
    List<ReadingRow> rows = new ArrayList<>();
    reading(Channel.FORGE, to, forgeSays, rows);
    reading(Channel.PRESS, to, pressSays, rows);
    passTo(to);
    return rows;
  }

  private void reading(Channel channel, int at, InstrumentState said, List<ReadingRow> rows) {
    boolean figure = said.fresh() && Double.isFinite(said.value());
    if (figure && at >= 0) {
      ReadingRow row = new ReadingRow(session.id(), channel, at, said.value(), said.state());
      if (heard.put(row)) {
        rows.add(row);
      }
    }
  }

  private void passTo(int to) {
    boolean passed = to > second;
    for (int s = second + 1; s <= to; s++) {
      tracked.passes(s);
    }
    second = Math.max(second, to);
    clockS = Math.max(clockS, second);
    if (passed && !listeners.isEmpty()) {
      send(now());
    }
  }

  /**
   * How fast time runs: as it is set while everything soaks, slowly enough to act when something is
   * due, and as it is while anything is outside.
   */
  private double runSpeed() {
    if (rehearsed == null || rehearsed.isHandsOn()) {
      return 1;
    }
    boolean due =
        tracked.all().stream().anyMatch(f -> f.course().begun() && !Advice.of(f.course()).waits());
    return due ? Math.min(log.speed(), DUE_SPEED) : log.speed();
  }

  /** Time runs in a rehearsal; it is paused when no one watches. */
  synchronized List<ReadingRow> rehearse(double wallSeconds) {
    List<ReadingRow> rows = new ArrayList<>();
    if (rehearsed == null || listeners.isEmpty() || endedAt != null) {
      return rows;
    }
    double passes = wallSeconds * runSpeed();
    rehearsed.advance(passes);
    clockS += passes;
    int to = (int) clockS;
    for (int s = second + 1; s <= to; s++) {
      forge = new InstrumentState(rehearsed.gaugeC(), SensorState.GOOD, true);
      press = new InstrumentState(rehearsed.pressMpa(), SensorState.GOOD, true);
      reading(Channel.FORGE, s, forge, rows);
      reading(Channel.PRESS, s, press, rows);
    }
    passTo(to);
    return rows;
  }

  synchronized void setEnded(@Nullable Instant at, Instant now) {
    endedAt = at;
    send(whole(now));
  }

  private void send(Object what) {
    listeners.forEach(l -> l.send(what));
  }

  /** Begins with everything; what follows comes as it happens. */
  synchronized Listener listen(Instant now, String signInId) {
    Listener listener = new Listener(signInId);
    listener.send(whole(now));
    listeners.add(listener);
    return listener;
  }

  void leave(Listener listener) {
    listeners.remove(listener);
  }

  /** These sign-ins have ended: nothing more is sent to their screens. */
  void signedOut(Set<String> signInIds) {
    listeners.stream().filter(l -> signInIds.contains(l.signInId())).forEach(Listener::letGo);
  }

  /** Everything there is to see. */
  synchronized Whole whole(Instant now) {
    return new Whole(
        session.id(),
        now,
        session.startedAt(),
        endedAt,
        session.rehearsal(),
        session.drill(),
        session.billets().stream().map(BilletView::of).toList(),
        log.all().stream().map(EntryView::of).toList(),
        log.seq(),
        heard.points(Channel.FORGE),
        heard.points(Channel.PRESS),
        tracked.all().stream().map(TrackedBillet::history).toList(),
        now(),
        reviewNotes());
  }

  private List<List<ReviewNote>> reviewNotes() {
    return tracked.all().stream().map(f -> SessionReview.of(f.course(), shop.limits())).toList();
  }

  private Now now() {
    if (orderedAtS < 0 || second - orderedAtS >= ORDER_EVERY_S) {
      order = order();
      orderedAtS = second;
    }
    Double set = rehearsed == null ? null : rehearsed.setC();
    return new Now(
        clockS,
        runSpeed(),
        gauge(forge),
        gauge(press),
        heard.chamberC(second),
        set,
        rehearsed == null ? null : rehearsed.flame(),
        IntStream.range(0, tracked.all().size())
            .mapToObj(
                i -> tracked.of(i).now(i, second, rehearsed == null ? null : rehearsed.glow(i)))
            .toList(),
        order,
        endedAt != null);
  }

  private static GaugeView gauge(InstrumentState said) {
    return new GaugeView(
        Double.isFinite(said.value()) ? said.value() : null,
        said.state().name(),
        said.state().words(),
        said.isGood());
  }

  private List<Rotation.Turn> order() {
    List<Rotation.Job> jobs = new ArrayList<>();
    for (TrackedBillet f : tracked.all()) {
      jobs.add(RotationJobs.left(f.course()));
    }
    double now = second / 60.0;
    return Rotation.of(jobs, FORGE_PLACES, now, now + DAY_MIN).turns();
  }

  /** The state of a billet. */
  synchronized HeatSession course(int place) {
    return tracked.of(place).course();
  }

  /**
   * What is known of the shop after this session.
   *
   * @param before what was known before
   */
  synchronized HeatCalibration calibration(HeatCalibration before) {
    return tracked.calibration(before, second);
  }

  /** How a billet went by a log that may hold more than was taken yet; for the Book. */
  synchronized HeatSession course(int place, List<KeptEntry> entries) {
    return tracked.course(place, entries, second);
  }
}
