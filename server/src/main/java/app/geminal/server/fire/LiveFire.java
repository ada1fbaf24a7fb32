package app.geminal.server.fire;

import app.geminal.fire.Advice;
import app.geminal.fire.Course;
import app.geminal.fire.Deed;
import app.geminal.fire.HeatPlan;
import app.geminal.fire.Lesson;
import app.geminal.fire.Review;
import app.geminal.fire.Rotation;
import app.geminal.heat.Following;
import app.geminal.heat.Following.Place;
import app.geminal.heat.Gauge;
import app.geminal.server.fire.FireView.BilletNow;
import app.geminal.server.fire.FireView.BilletView;
import app.geminal.server.fire.FireView.EntryView;
import app.geminal.server.fire.FireView.GaugeView;
import app.geminal.server.fire.FireView.Heat;
import app.geminal.server.fire.FireView.Now;
import app.geminal.server.fire.FireView.Point;
import app.geminal.server.fire.FireView.TollView;
import app.geminal.server.fire.FireView.Whole;
import app.geminal.server.instrument.Channel;
import app.geminal.server.instrument.Said;
import app.geminal.shop.Shop;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A session that is looked at: its log, its readings, and every billet followed up to this second.
 *
 * <p>An entry that comes in time is done at once; one that comes late, and everything taken back,
 * begins the billets anew from the log and the readings, so that the order in which entries arrive
 * does not matter. Guarded by its own lock.
 */
final class LiveFire {
  /** An entry this much older than the second that was reckoned last is still in time. */
  private static final double IN_TIME_S = 2.5;

  private static final double DAY_MIN = 8 * 60;
  private static final int LOOK_AHEAD_EVERY_S = 3;
  private static final int MOST_POINTS = 600;
  private static final int FORGE_PLACES = 2;
  private static final double NO_GAUGE_OVER_C = 60;
  private static final double DUE_SPEED = 4;

  private final Session session;
  private final Shop shop;
  private final Map<String, KeptEntry> log = new LinkedHashMap<>();
  private final Map<Channel, Trace> traces = new EnumMap<>(Channel.class);
  private final List<Listener> listeners = new CopyOnWriteArrayList<>();
  private final @Nullable Rehearsed rehearsed;
  private List<Followed> followed = new ArrayList<>();
  private List<Typed> typed = List.of();
  private @Nullable Instant endedAt;
  private Said forge = Said.NOTHING;
  private Said press = Said.NOTHING;
  private int second;
  private double clockS;
  private double speed;
  private long seq;
  private List<Rotation.Turn> order = List.of();
  private int orderedAtS = -1;

  /** The forge as somebody read and typed it, °C. */
  private record Typed(double atS, double celsius) {}

  /** A billet, how it stands, and what was thought of it so far. */
  private static final class Followed {
    private final Course course;
    private final List<Heat> history = new ArrayList<>();
    private double readyInS;
    private double leftS;
    private List<Following.Ahead> ahead = List.of();
    private int lookedAtS = -LOOK_AHEAD_EVERY_S;

    Followed(Course course) {
      this.course = course;
    }
  }

  LiveFire(Session session, Shop shop, List<KeptEntry> entries, List<Row> readings) {
    this.session = session;
    this.shop = shop;
    this.endedAt = session.endedAt();
    this.speed = session.speed();
    for (Channel channel : Channel.values()) {
      traces.put(channel, new Trace());
    }
    readings.forEach(r -> trace(r.channel()).put(r.second(), r.figure(), r.state()));
    entries.forEach(this::take);
    List<HeatPlan> plans = session.billets().stream().map(Session.Billet::plan).toList();
    rehearsed =
        session.rehearsal()
            ? new Rehearsed(
                plans,
                Objects.requireNonNullElseGet(
                    shop.press(), () -> Objects.requireNonNull(Shop.common().press())),
                session.id())
            : null;
    second =
        Math.max(
            traces.values().stream().mapToInt(Trace::length).max().orElse(0),
            (int) log.values().stream().mapToDouble(KeptEntry::atS).max().orElse(0));
    clockS = second;
    followed = anew();
    if (rehearsed != null) {
      catchUp(rehearsed);
    }
  }

  private Trace trace(Channel channel) {
    return Objects.requireNonNull(traces.get(channel));
  }

  private void take(KeptEntry entry) {
    log.putIfAbsent(entry.entry().id(), entry);
    seq = Math.max(seq, entry.seq());
    Double figure = entry.entry().figure();
    if (entry.entry().kind() == Entry.Kind.SPEED && figure != null) {
      speed = figure;
    }
  }

  /** The bars of a rehearsal that was interrupted are heated again as they were. */
  private void catchUp(Rehearsed truth) {
    double at = 0;
    for (KeptEntry e : log.values()) {
      truth.advance(Math.max(0, e.atS() - at));
      at = Math.max(at, e.atS());
      tell(truth, e.entry());
    }
    truth.advance(Math.max(0, second - at));
  }

  private static void tell(Rehearsed truth, Entry e) {
    if (e.kind() == Entry.Kind.DEED && e.act() != null) {
      truth.done(e.place(), e.act());
    } else if (e.kind() == Entry.Kind.FORGE && e.figure() != null) {
      truth.set(e.figure());
    }
  }

  private Course course(Session.Billet billet) {
    double ramMmS = shop.press() == null ? 0 : shop.press().speedMmS();
    return new Course(billet.plan(), ramMmS);
  }

  /** Every billet from the beginning to this second. */
  private List<Followed> anew() {
    List<Followed> all = new ArrayList<>();
    Set<String> undone = Undone.of(log.values());
    typed = typed(undone);
    for (Session.Billet billet : session.billets()) {
      Followed f = new Followed(course(billet));
      List<KeptEntry> deeds =
          log.values().stream()
              .filter(k -> k.entry().kind() == Entry.Kind.DEED)
              .filter(k -> k.entry().place() == billet.place())
              .filter(k -> !undone.contains(k.entry().id()))
              .sorted(Comparator.comparingDouble(KeptEntry::atS).thenComparingLong(KeptEntry::seq))
              .toList();
      int next = 0;
      for (int s = 0; s <= second; s++) {
        while (next < deeds.size() && deeds.get(next).atS() <= s) {
          f.course.done(deed(deeds.get(next++)));
        }
        if (s < second) {
          pass(f, s + 1);
        }
      }
      while (next < deeds.size()) {
        f.course.done(deed(deeds.get(next++)));
      }
      all.add(f);
    }
    return all;
  }

  private List<Typed> typed(Set<String> undone) {
    return log.values().stream()
        .filter(k -> k.entry().kind() == Entry.Kind.READING)
        .filter(k -> !undone.contains(k.entry().id()))
        .map(k -> new Typed(k.atS(), Objects.requireNonNull(k.entry().figure())))
        .sorted(Comparator.comparingDouble(Typed::atS))
        .toList();
  }

  private static Deed deed(KeptEntry k) {
    return new Deed(k.entry().id(), Objects.requireNonNull(k.entry().act()), k.atS());
  }

  private void pass(Followed f, int to) {
    f.course.passes(1, chamberC(to), pressMpa(to));
    if (f.course.begun() && to % 5 == 0) {
      Following.Estimate e = f.course.estimate();
      f.history.add(new Heat(to, e.skinC(), e.coreC()));
    }
  }

  /** What the chamber is reckoned at: the last believed reading or the last typed one. */
  private double chamberC(int at) {
    double offset = Objects.requireNonNullElse(shop.forge().gaugeOffsetC(), 0.0);
    double shift = session.rehearsal() ? 0 : offset;
    Trace trace = trace(Channel.FORGE);
    int heardAt = trace.lastBelieved(at);
    double chamber =
        heardAt >= 0
            ? trace.believed(heardAt).orElseThrow() + shift
            : session.billets().getFirst().plan().window().aimC() + NO_GAUGE_OVER_C;
    for (Typed t : typed) {
      if (t.atS() <= at && t.atS() >= heardAt) {
        chamber = t.celsius() + shift;
        heardAt = (int) t.atS();
      }
    }
    return chamber;
  }

  private double pressMpa(int at) {
    return trace(Channel.PRESS).believed(at).orElse(0);
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

  boolean isLookedAt() {
    return !listeners.isEmpty();
  }

  /** The second of the session something done at a moment belongs to. */
  synchronized double secondOf(Instant doneAt) {
    return isRehearsal()
        ? clockS
        : Duration.between(session.startedAt(), doneAt).toMillis() / 1000.0;
  }

  /** Entries that are on disk now; those known already change nothing. */
  synchronized void kept(List<KeptEntry> entries, Instant now) {
    List<KeptEntry> fresh = entries.stream().filter(k -> !log.containsKey(k.entry().id())).toList();
    if (fresh.isEmpty()) {
      return;
    }
    boolean late = false;
    for (KeptEntry k : fresh) {
      take(k);
      Entry e = k.entry();
      if (rehearsed != null && endedAt == null) {
        tell(rehearsed, e);
      }
      late |=
          e.kind() == Entry.Kind.UNDO
              || e.kind() == Entry.Kind.READING
              || (e.kind() == Entry.Kind.DEED && k.atS() < latestDeedS(e) - 1e-9)
              || (e.kind() == Entry.Kind.DEED && k.atS() < second - IN_TIME_S);
    }
    if (late) {
      followed = anew();
    } else {
      fresh.stream()
          .filter(k -> k.entry().kind() == Entry.Kind.DEED)
          .forEach(k -> of(k.entry().place()).course.done(deed(k)));
    }
    followed.forEach(f -> f.lookedAtS = second - LOOK_AHEAD_EVERY_S);
    orderedAtS = -1;
    if (late) {
      tell(whole(now));
    } else {
      tell(new FireView.Entries("entries", fresh.stream().map(EntryView::of).toList(), seq));
      tell(now());
    }
  }

  private double latestDeedS(Entry e) {
    return of(e.place()).course.last().map(Deed::atS).orElse(Double.NEGATIVE_INFINITY);
  }

  private Followed of(int place) {
    return followed.get(place);
  }

  /** Readings from a logger's file. */
  synchronized void logged(List<Row> rows, Instant now) {
    rows.forEach(r -> trace(r.channel()).put(r.second(), r.figure(), r.state()));
    followed = anew();
    tell(whole(now));
  }

  /**
   * Time has come to this moment of a live session.
   *
   * @return readings to keep
   */
  synchronized List<Row> tick(Instant now, Said forgeSays, Said pressSays) {
    int to = (int) (Duration.between(session.startedAt(), now).toMillis() / 1000);
    forge = forgeSays;
    press = pressSays;
    List<Row> rows = new ArrayList<>();
    reading(Channel.FORGE, to, forgeSays, rows);
    reading(Channel.PRESS, to, pressSays, rows);
    passTo(to);
    return rows;
  }

  private void reading(Channel channel, int at, Said said, List<Row> rows) {
    boolean figure = said.fresh() && Double.isFinite(said.value());
    if (figure && at >= 0 && trace(channel).put(at, said.value(), said.state())) {
      rows.add(new Row(session.id(), channel, at, said.value(), said.state()));
    }
  }

  private void passTo(int to) {
    boolean passed = to > second;
    for (int s = second + 1; s <= to; s++) {
      for (Followed f : followed) {
        pass(f, s);
      }
    }
    second = Math.max(second, to);
    clockS = Math.max(clockS, second);
    if (passed && !listeners.isEmpty()) {
      tell(now());
    }
  }

  /**
   * How fast time goes: as it is set while everything soaks, slowly enough to act when something is
   * due, and as it is while anything lies outside.
   */
  private double pace() {
    if (rehearsed == null || rehearsed.isHandsOn()) {
      return 1;
    }
    boolean due = followed.stream().anyMatch(f -> f.course.begun() && !Advice.of(f.course).waits());
    return due ? Math.min(speed, DUE_SPEED) : speed;
  }

  /** Time goes on in a rehearsal; it stands still when nobody looks. */
  synchronized List<Row> rehearse(double wallSeconds) {
    List<Row> rows = new ArrayList<>();
    if (rehearsed == null || listeners.isEmpty() || endedAt != null) {
      return rows;
    }
    double passes = wallSeconds * pace();
    rehearsed.advance(passes);
    clockS += passes;
    int to = (int) clockS;
    for (int s = second + 1; s <= to; s++) {
      forge = new Said(rehearsed.gaugeC(), Gauge.State.GOOD, true);
      press = new Said(rehearsed.pressMpa(), Gauge.State.GOOD, true);
      reading(Channel.FORGE, s, forge, rows);
      reading(Channel.PRESS, s, press, rows);
    }
    passTo(to);
    return rows;
  }

  synchronized void setEnded(@Nullable Instant at, Instant now) {
    endedAt = at;
    tell(whole(now));
  }

  private void tell(Object what) {
    listeners.forEach(l -> l.tell(what));
  }

  /** Begins with everything; what follows comes as it happens. */
  synchronized Listener listen(Instant now) {
    Listener listener = new Listener();
    listener.tell(whole(now));
    listeners.add(listener);
    return listener;
  }

  void leave(Listener listener) {
    listeners.remove(listener);
  }

  /** Everything there is to see. */
  synchronized Whole whole(Instant now) {
    return new Whole(
        "whole",
        session.id(),
        now,
        session.startedAt(),
        endedAt,
        session.rehearsal(),
        session.billets().stream().map(BilletView::of).toList(),
        log.values().stream().map(EntryView::of).toList(),
        seq,
        points(Channel.FORGE),
        points(Channel.PRESS),
        followed.stream().map(LiveFire::history).toList(),
        now(),
        lessons());
  }

  private List<List<Lesson>> lessons() {
    return followed.stream().map(f -> Review.of(f.course, shop.limits())).toList();
  }

  private List<Point> points(Channel channel) {
    Trace trace = trace(channel);
    int every = Math.max(1, trace.length() / MOST_POINTS);
    return IntStream.range(0, trace.length())
        .filter(s -> s % every == 0 && trace.believed(s).isPresent())
        .mapToObj(s -> new Point(s, trace.believed(s).getAsDouble()))
        .toList();
  }

  private Now now() {
    if (orderedAtS < 0 || second - orderedAtS >= 30) {
      order = order();
      orderedAtS = second;
    }
    Double set = rehearsed == null ? null : rehearsed.setC();
    return new Now(
        "now",
        clockS,
        pace(),
        gauge(forge),
        gauge(press),
        chamberC(second),
        set,
        IntStream.range(0, followed.size()).mapToObj(this::billet).toList(),
        order,
        endedAt != null);
  }

  private static GaugeView gauge(Said said) {
    return new GaugeView(
        Double.isFinite(said.value()) ? said.value() : null,
        said.state().name(),
        said.state().words(),
        said.isGood());
  }

  private BilletNow billet(int place) {
    Followed f = of(place);
    Course c = f.course;
    boolean out = c.begun() && c.place() != Place.FIRE;
    if (second - f.lookedAtS >= (out ? 1 : LOOK_AHEAD_EVERY_S)) {
      f.readyInS = c.place() == Place.FIRE ? c.secondsToReady() : 0;
      f.leftS = c.begun() ? c.working().jointS() : 0;
      f.ahead =
          c.begun() && !c.finished() ? c.ahead(20, c.place() == Place.FIRE ? 30 : 3) : List.of();
      f.lookedAtS = second;
    }
    Following.Estimate e = c.estimate();
    return new BilletNow(
        place,
        c.place(),
        c.begun(),
        c.finished(),
        c.heat(),
        e.skinC(),
        e.coreC(),
        e.plusMinusC(),
        f.readyInS,
        c.readyForS(),
        c.place() == Place.FIRE ? Math.max(0, second - c.inAtS()) : 0,
        c.sinceOutS(),
        f.leftS,
        Advice.of(c),
        c.standings(),
        f.ahead,
        TollView.of(c.toll(), c.plan().carbon(), c.plan().flame()));
  }

  private static List<Heat> history(Followed f) {
    int every = Math.max(1, f.history.size() / (MOST_POINTS / 2));
    return IntStream.range(0, f.history.size())
        .filter(i -> i % every == 0 || i == f.history.size() - 1)
        .mapToObj(f.history::get)
        .toList();
  }

  private List<Rotation.Turn> order() {
    List<Rotation.Job> jobs = new ArrayList<>();
    for (Followed f : followed) {
      jobs.add(Jobs.left(f.course));
    }
    double now = second / 60.0;
    return Rotation.of(jobs, FORGE_PLACES, now, now + DAY_MIN).turns();
  }

  /** The log as it is, in the order it was kept. */
  synchronized List<KeptEntry> log() {
    return List.copyOf(log.values());
  }

  /** How a billet went, for the Book. */
  synchronized Course course(int place) {
    return of(place).course;
  }
}
