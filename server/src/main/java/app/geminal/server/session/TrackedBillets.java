package app.geminal.server.session;

import app.geminal.following.HeatCalibration;
import app.geminal.session.HeatSession;
import app.geminal.session.LogSighting;
import app.geminal.session.Logged;
import app.geminal.shop.Shop;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The billets of a session, each followed up to a second. What changes in the past works them out
 * again from the log and the readings, from the last {@link SessionMarks} moment before it, so that
 * the order in which entries arrive does not matter. Not for threads.
 */
final class TrackedBillets {
  private final Session session;
  private final Shop shop;
  private final SessionLog log;
  private final SessionReadings readings;
  private final List<SessionMarks> marks = new ArrayList<>();
  private List<TrackedBillet> billets = List.of();

  /** Followed from the start to a second. */
  TrackedBillets(Session session, Shop shop, SessionLog log, SessionReadings readings, int second) {
    this.session = session;
    this.shop = shop;
    this.log = log;
    this.readings = readings;
    session.billets().forEach(_ -> marks.add(new SessionMarks()));
    changed(Double.NEGATIVE_INFINITY, second);
  }

  List<TrackedBillet> all() {
    return Collections.unmodifiableList(billets);
  }

  TrackedBillet of(int place) {
    return billets.get(place);
  }

  /**
   * Log or readings have changed.
   *
   * @param fromS the first second that changed
   * @param second the billets are followed to
   */
  void changed(double fromS, int second) {
    readings.setTyped(log.typed());
    billets = session.billets().stream().map(b -> changed(b, fromS, second)).toList();
  }

  private TrackedBillet changed(Session.Billet billet, double fromS, int second) {
    List<Logged> logged = log.logged(billet.place());
    SessionMarks own = marks.get(billet.place());
    SessionMarks.Moment from = own.before(fromS, logged.stream().map(Logged::id).toList());
    if (from == null) {
      return followed(fresh(billet), 0, second, logged, own);
    }
    List<Logged> left = logged.stream().filter(d -> !from.done().contains(d.id())).toList();
    return followed(from.followed().copy(), from.second(), second, left, own);
  }

  /** A second passes. */
  void passes(int second) {
    double chamberC = readings.chamberC(second);
    for (int i = 0; i < billets.size(); i++) {
      of(i).passes(second, chamberC, readings.pressMpa(second));
      marks.get(i).passed(second, of(i));
    }
  }

  /**
   * What is known of the shop after this session: each billet of which something was seen is
   * followed again with what was known after the one before it.
   *
   * @param before what was known before
   * @param second of the session
   */
  HeatCalibration calibration(HeatCalibration before, int second) {
    HeatCalibration known = before;
    for (Session.Billet billet : session.billets()) {
      List<Logged> logged = log.logged(billet.place());
      if (logged.stream().anyMatch(LogSighting.class::isInstance)) {
        known = followed(fresh(billet, known), 0, second, logged, null).course().calibration();
      }
    }
    return known;
  }

  /** How a billet went by a log that may hold more than was taken yet. */
  HeatSession course(int place, List<KeptEntry> entries, int second) {
    SessionLog from = new SessionLog(session.speed());
    entries.stream().filter(e -> SessionTimes.isOfSession(e.atS())).forEach(from::take);
    Session.Billet billet = session.billets().get(place);
    return followed(fresh(billet), 0, second, from.logged(place), null).course();
  }

  private TrackedBillet fresh(Session.Billet billet) {
    return fresh(
        billet,
        session.calibration() == null ? HeatCalibration.nothing() : session.calibration().in(shop));
  }

  private TrackedBillet fresh(Session.Billet billet, HeatCalibration calibration) {
    return new TrackedBillet(
        new HeatSession(billet.plan(), shop.press(), billet.heat().welds(), calibration));
  }

  /** Continues with a billet from one second to another. */
  private TrackedBillet followed(
      TrackedBillet billet, int from, int to, List<Logged> due, @Nullable SessionMarks kept) {
    Deque<Logged> logged = new ArrayDeque<>(due);
    for (int s = from; s < to; s++) {
      while (!logged.isEmpty() && logged.getFirst().atS() <= s) {
        billet.done(logged.removeFirst());
      }
      billet.passes(s + 1, readings.chamberC(s + 1), readings.pressMpa(s + 1));
      if (kept != null) {
        kept.passed(s + 1, billet);
      }
    }
    logged.forEach(billet::done);
    return billet;
  }
}
