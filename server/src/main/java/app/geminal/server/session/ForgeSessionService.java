package app.geminal.server.session;

import app.geminal.server.account.Accounts;
import app.geminal.server.billet.BilletService;
import app.geminal.server.calibration.CalibrationService;
import app.geminal.server.paging.Cursor;
import app.geminal.server.paging.Page;
import app.geminal.simulator.Drill;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Starts sessions and keeps what happens in them. What it has answered for is on disk. */
@Service
class ForgeSessionService {
  private static final int MOST_BILLETS = 3;
  private static final Duration CLOCK_TOLERANCE = Duration.ofMinutes(10);
  private static final int MOST_ENTRIES = 5000;
  private static final Instant EARLIEST = Instant.parse("2000-01-01T00:00:00Z");
  private static final Duration REOPENS_WITHIN = Duration.ofHours(24);

  private final ForgeSessionRepository fires;
  private final SessionEntryRepository logged;
  private final LiveSessions live;
  private final HeatPlans plans;
  private final BilletService billets;
  private final SessionWelds welds;
  private final CalibrationService learning;
  private final Accounts accounts;
  private final Clock clock;

  ForgeSessionService(
      ForgeSessionRepository fires,
      SessionEntryRepository logged,
      LiveSessions live,
      HeatPlans plans,
      BilletService billets,
      SessionWelds welds,
      CalibrationService learning,
      Accounts accounts,
      Clock clock) {
    this.fires = fires;
    this.logged = logged;
    this.live = live;
    this.plans = plans;
    this.billets = billets;
    this.welds = welds;
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
    if (logged.countEntries(sessionId) + entries.size() > MOST_ENTRIES) {
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
      boolean fresh = logged.keep(sessionId, e, atS, now, by);
      if (fresh && e.kind().isOutcome()) {
        outcomes.add(e);
      }
      undoes |= fresh && e.kind() == Entry.Kind.UNDO;
    }
    if (!session.rehearsal() && (undoes || !outcomes.isEmpty())) {
      welds.intoTheBook(fire, outcomes, login);
    }
    return logged.entries(sessionId, entries.stream().map(Entry::id).collect(Collectors.toSet()));
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
}
