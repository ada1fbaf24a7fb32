package app.geminal.server.session;

import app.geminal.heatplan.ForgeAction;
import app.geminal.instrument.Downsampling;
import app.geminal.instrument.SensorMonitor;
import app.geminal.instrument.SensorState;
import app.geminal.server.account.Accounts;
import app.geminal.server.billet.BilletService;
import app.geminal.server.book.BookService;
import app.geminal.server.calibration.CalibrationService;
import app.geminal.server.instrument.Channel;
import app.geminal.server.instrument.LoggerFile;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.server.problem.NotFound;
import app.geminal.session.HeatSession;
import app.geminal.session.LogMark;
import app.geminal.simulator.Drill;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.WeldOutcome;
import app.geminal.weld.WeldRecord;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what happens at the fire. What it has answered for is on disk. */
@Service
class ForgeSessionService {
  /** Readings of a session that ended this long ago are thinned. */
  private static final Duration WHOLE_FOR = Duration.ofHours(24);

  private static final double FORGE_TOLERANCE_C = 2;
  private static final double PRESS_TOLERANCE_MPA = 0.2;
  private static final int MOST_BILLETS = 3;
  private static final Duration CLOCK_TOLERANCE = Duration.ofMinutes(10);
  private static final int MOST_ENTRIES = 5000;
  private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
  private static final Duration REOPENS_WITHIN = Duration.ofHours(24);

  /** A logger's last reading may come so long after the session, s. */
  private static final double AFTERWARDS_S = 600;

  private final ForgeSessionRepository fires;
  private final LiveSessions live;
  private final HeatPlans plans;
  private final BilletService billets;
  private final BookService book;
  private final CalibrationService learning;
  private final Accounts accounts;
  private final Clock clock;

  ForgeSessionService(
      ForgeSessionRepository fires,
      LiveSessions live,
      HeatPlans plans,
      BilletService billets,
      BookService book,
      CalibrationService learning,
      Accounts accounts,
      Clock clock) {
    this.fires = fires;
    this.live = live;
    this.plans = plans;
    this.billets = billets;
    this.book = book;
    this.learning = learning;
    this.accounts = accounts;
    this.clock = clock;
  }

  /**
   * A step of a billet to take to the fire.
   *
   * @param billetId number of the billet
   * @param stepPath path of the step: names of the parts it is in, then its key
   */
  record Chosen(long billetId, String stepPath) {}

  /** Begins a session. */
  @Transactional
  public long start(
      List<Chosen> chosen, boolean rehearsal, @Nullable Drill drill, double speed, String login) {
    Require.list("billets", chosen, 1, MOST_BILLETS);
    Require.number("speed", speed, 1, Entry.FASTEST);
    long id =
        fires.start(
            clock.instant(),
            rehearsal,
            rehearsal ? drill : null,
            rehearsal ? speed : 1,
            rehearsal ? null : learning.newestDocument(),
            accounts.id(login));
    for (int i = 0; i < chosen.size(); i++) {
      Chosen c = chosen.get(i);
      String where = "billets/" + i;
      PlannedHeat heat =
          InvalidValue.within(
              where,
              () -> plans.planned(c.billetId(), Require.text("stepPath", c.stepPath(), 120)));
      fires.add(
          id, new Session.Billet(i, c.billetId(), billets.get(c.billetId()).name(), heat, null));
    }
    return id;
  }

  /** Those going on, and the newest that are over. */
  @Transactional(readOnly = true)
  public Page<SessionLine> newest(int size, @Nullable Cursor after) {
    return fires.lines(size, after);
  }

  /**
   * Keeps entries; those that are there already stay as they are.
   *
   * @return all of them as they are on disk
   */
  @Transactional
  public List<KeptEntry> keep(long sessionId, List<Entry> entries, String login) {
    LiveSession fire = live.get(sessionId);
    Session session = fire.session();
    Instant now = clock.instant();
    long by = accounts.id(login);
    if (fires.countEntries(sessionId) + entries.size() > MOST_ENTRIES) {
      throw new InvalidValue("entries", SessionText.SESSION_FULL.with("most", MOST_ENTRIES));
    }
    List<Entry> outcomes = new ArrayList<>();
    boolean undoes = false;
    for (int i = 0; i < entries.size(); i++) {
      Entry e = entries.get(i);
      String where = "entries/" + i;
      if (e.place() >= session.billets().size()) {
        throw new InvalidValue(where + "/place", SessionText.SESSION_HAS_NO_BILLET.with());
      }
      if (e.doneAt().isAfter(now.plus(CLOCK_TOLERANCE))) {
        throw new InvalidValue(where + "/doneAt", SessionText.THIS_IS_DATED_IN_FUTURE.with());
      }
      double atS = fire.secondOf(e.doneAt());
      if (!SessionTimes.isOfSession(atS) || e.doneAt().isBefore(EARLIEST)) {
        throw new InvalidValue(where + "/doneAt", SessionText.THIS_IS_DATED_OUTSIDE_SESSION.with());
      }
      boolean fresh = fires.keep(sessionId, e, atS, now, by);
      if (fresh && e.kind().isOutcome()) {
        outcomes.add(e);
      }
      undoes |= fresh && e.kind() == Entry.Kind.UNDO;
    }
    if (!session.rehearsal() && (undoes || !outcomes.isEmpty())) {
      intoTheBook(fire, outcomes, login);
    }
    return fires.entries(sessionId, entries.stream().map(Entry::id).collect(Collectors.toSet()));
  }

  /**
   * Writes what became of welds into the Book and deletes what was taken back, by the whole log as
   * it is on disk now: an outcome may have come together with the deeds it is about.
   */
  private void intoTheBook(LiveSession fire, List<Entry> outcomes, String login) {
    List<KeptEntry> log = fires.entries(fire.id());
    for (Entry outcome : outcomes) {
      write(fire, outcome, fire.course(outcome.place(), log), login);
    }
    Set<String> undone = UndoneEntries.of(log);
    log.stream()
        .filter(k -> k.entry().kind().isOutcome())
        .forEach(k ->
            book.deleteFromSession(fire.id(), k.entry().id(), undone.contains(k.entry().id())));
  }

  private void write(LiveSession fire, Entry e, HeatSession course, String login) {
    Session.Billet billet = fire.session().billets().get(e.place());
    Optional<AtmosphereProtection> protection = billet.plan().protection();
    if (protection.isEmpty()) {
      return;
    }
    double celsius =
        course.marks().stream()
            .filter(m -> m.logEntry().act() == ForgeAction.OUT)
            .mapToDouble(LogMark::skinC)
            .max()
            .orElse(billet.plan().window().aimC());
    WeldRecord weld =
        new WeldRecord(
            billet.plan().stepPath(),
            e.doneAt(),
            Math.clamp(Math.rint(celsius), WeldRecord.COLDEST_C, WeldRecord.HOTTEST_C),
            protection.get(),
            WeldOutcome.valueOf(e.kind().name()),
            note(course, e.note()));
    book.logFromFire(
        billet.billetId(),
        billets.get(billet.billetId()).plan(),
        billet.plan().title().marked(),
        weld,
        LoggedConditions.of(course),
        login,
        fire.id(),
        e.id());
  }

  /** Kept as a note of the weld, so in the words and units of today. */
  private static String note(HeatSession course, String said) {
    List<Quantity> waited =
        course.marks().stream()
            .filter(m -> m.logEntry().act() == ForgeAction.SQUEEZE)
            .map(m -> Quantity.seconds(Math.rint(m.sinceOutS())))
            .toList();
    String own =
        (waited.isEmpty()
                ? SessionText.FROM_SESSION_LOG.with()
                : SessionText.FROM_SESSION_LOG_WITH_SETS.with(
                    "sets", waited.size(), "waited", waited))
            .read(Units.METRIC);
    return said.isEmpty() ? own : said + " " + own;
  }

  /** Ends a session, or opens it again; doing it twice changes nothing. */
  @Transactional
  public void setEnded(long sessionId, boolean ended) {
    LiveSession fire = live.get(sessionId);
    if (fire.isOpen() == ended) {
      Instant now = clock.instant();
      if (!ended && fire.endedBefore(now.minus(REOPENS_WITHIN))) {
        throw new InvalidValue("", SessionText.THIS_SESSION_ENDED_MORE_THAN_DAY.with());
      }
      fires.setEnded(sessionId, ended ? now : null);
      if (ended && fire.isRehearsal()) {
        Inspection made = fire.inspection();
        if (!made.bars().isEmpty()) {
          fires.setSound(sessionId, made.isSound());
        }
      }
    }
  }

  /**
   * The joints of a practice run that has ended, as they are shown.
   *
   * @throws NotFound where it is none
   */
  public Inspection inspection(long sessionId) {
    return shown(sessionId, made(sessionId));
  }

  private Inspection made(long sessionId) {
    LiveSession fire = live.get(sessionId);
    if (!fire.isRehearsal()) {
      throw new NotFound(SessionText.NO_PRACTICE_RUN.with("number", sessionId));
    }
    if (fire.isOpen()) {
      throw new InvalidValue("", SessionText.PRACTICE_RUN_CONTINUES.with());
    }
    return fire.inspection();
  }

  private Inspection shown(long sessionId, Inspection made) {
    // What was named since the session was loaded is in the database.
    return made.shown(fires.find(sessionId).orElseThrow());
  }

  /**
   * Keeps why a joint of a practice run is open as someone names it; the first answer stays.
   *
   * @return its joints as they are shown now
   * @throws InvalidValue where another joint is asked for, or none
   */
  @Transactional
  public Inspection name(long sessionId, int place, NamedCause named) {
    Inspection made = made(sessionId);
    Inspection.Bar bar =
        made.bars().stream()
            .filter(b -> b.place() == place)
            .findFirst()
            .orElseThrow(() -> new InvalidValue("place", SessionText.SESSION_HAS_NO_BILLET.with()));
    if (!Objects.equals(bar.ask(), named.joint())) {
      throw new InvalidValue("joint", SessionText.JOINT_IS_NOT_ASKED_FOR.with());
    }
    fires.name(sessionId, place, named);
    return shown(sessionId, made);
  }

  /** How far a person has come with each drill. */
  @Transactional(readOnly = true)
  public List<DrillLine> drills(String login) {
    return fires.drills(accounts.id(login));
  }

  /**
   * Keeps what a logger wrote; seconds that are there already stay as they are. The file is read
   * whole before anything is kept; then it is put on disk piece by piece, so that no one waits for
   * all of it, and one that broke off is sent again.
   */
  public List<ReadingRow> keepLogged(long sessionId, String csv) {
    LiveSession fire = live.get(sessionId);
    Session session = fire.session();
    double lastedS = fire.lastedS(clock.instant());
    List<LoggerFile.Logged> lines = LoggerFile.read(csv, session.startedAt());
    Map<Channel, SensorMonitor> gauges = new EnumMap<>(Channel.class);
    gauges.put(Channel.FORGE, SensorMonitor.ofForge());
    gauges.put(Channel.PRESS, SensorMonitor.ofPress());
    Map<Second, ReadingRow> rows = new LinkedHashMap<>();
    for (int i = 0; i < lines.size(); i++) {
      LoggerFile.Logged line = lines.get(i);
      if (!(line.atS() >= 0 && line.atS() <= lastedS + AFTERWARDS_S)) {
        throw new InvalidValue(
            "line/" + (i + 2),
            SessionText.OUTSIDE_SESSION.with("lasted", Quantity.seconds(lastedS)));
      }
      SensorMonitor gauge = Objects.requireNonNull(gauges.get(line.channel()));
      SensorState judged = gauge.said(line.atS(), line.value());
      ReadingRow row =
          new ReadingRow(
              sessionId,
              line.channel(),
              (int) line.atS(),
              line.value(),
              Objects.requireNonNullElse(line.state(), judged));
      rows.putIfAbsent(new Second(row.channel(), row.second()), row);
    }
    List<ReadingRow> each = List.copyOf(rows.values());
    fires.keep(each);
    return each;
  }

  /** A second of a channel; of several readings in it the first counts. */
  private record Second(Channel channel, int second) {}

  /** Readings as they are kept. */
  @Transactional(readOnly = true)
  public Page<ReadingRow> readings(long sessionId, int size, @Nullable Cursor after) {
    return fires.readings(sessionId, size, after);
  }

  /** All readings of a session, by channel and second. */
  @Transactional(readOnly = true)
  public List<ReadingRow> readings(long sessionId) {
    return fires.readings(sessionId);
  }

  /**
   * Thins the readings of sessions that ended a day ago; see {@link Downsampling}. Within 2 °C and
   * 0.2 MPa; what was not believed stays whole.
   *
   * @return how many sessions
   */
  @Transactional
  public int thin() {
    List<Long> due = fires.toThin(clock.instant().minus(WHOLE_FOR));
    for (long id : due) {
      List<ReadingRow> all = fires.readings(id);
      List<ReadingRow> kept = new ArrayList<>();
      for (Channel channel : Channel.values()) {
        kept.addAll(thinned(all.stream().filter(r -> r.channel() == channel).toList(), channel));
      }
      fires.thin(id, kept);
      live.forget(id);
    }
    return due.size();
  }

  private static List<ReadingRow> thinned(List<ReadingRow> rows, Channel channel) {
    List<Downsampling.Reading> readings =
        rows.stream()
            .map(r ->
                new Downsampling.Reading(r.second(), r.figure(), r.state() == SensorState.GOOD))
            .toList();
    Set<Long> kept =
        Downsampling.kept(
                readings, channel == Channel.FORGE ? FORGE_TOLERANCE_C : PRESS_TOLERANCE_MPA)
            .stream()
            .map(Downsampling.Reading::second)
            .collect(Collectors.toSet());
    return rows.stream().filter(r -> kept.contains((long) r.second())).toList();
  }
}
