package app.geminal.server.session;

import app.geminal.following.Estimate;
import app.geminal.following.Forecast;
import app.geminal.following.Interval;
import app.geminal.following.Look;
import app.geminal.following.Place;
import app.geminal.server.session.SessionView.BilletNow;
import app.geminal.server.session.SessionView.Glow;
import app.geminal.server.session.SessionView.Heat;
import app.geminal.server.session.SessionView.HeatExposureView;
import app.geminal.session.Advice;
import app.geminal.session.HeatSession;
import app.geminal.session.Logged;
import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A billet of a session: its course, what was thought of it so far, and how it will go on, which is
 * worked out every few seconds only. Not for threads.
 */
final class TrackedBillet {
  private static final int FORECAST_EVERY_S = 3;
  private static final int HISTORY_EVERY_S = 5;
  private static final int MOST_POINTS = 300;
  private static final int FORECAST_STEPS = 20;
  private static final double IN_FIRE_STEP_S = 30;
  private static final double OUT_STEP_S = 3;
  private static final Interval NOW = new Interval(0, 0, 0);

  private final HeatSession course;
  private final List<Heat> history = new ArrayList<>();
  private Interval readyInS = NOW;
  private @Nullable Look ask;
  private @Nullable Message joints;
  private boolean jointsChanged;
  private double leftS;
  private List<Forecast> forecast = List.of();
  private int forecastAtS = -FORECAST_EVERY_S;

  TrackedBillet(HeatSession course) {
    this.course = course;
  }

  private TrackedBillet(TrackedBillet that) {
    course = that.course.copy();
    history.addAll(that.history);
    readyInS = that.readyInS;
    ask = that.ask;
    joints = that.joints;
    jointsChanged = that.jointsChanged;
    leftS = that.leftS;
    forecast = that.forecast;
    forecastAtS = that.forecastAtS;
  }

  /** A copy that changes independently. */
  TrackedBillet copy() {
    return new TrackedBillet(this);
  }

  HeatSession course() {
    return course;
  }

  void done(Logged what) {
    course.done(what);
    jointsChanged = true;
    forecastAtS = Integer.MIN_VALUE / 2;
  }

  /** A second passes, up to {@code second}. */
  void passes(int second, double chamberC, double pressMpa) {
    course.passes(1, chamberC, pressMpa);
    if (course.begun() && second % HISTORY_EVERY_S == 0) {
      Estimate e = course.estimate();
      history.add(new Heat(second, e.skinC(), e.coreC()));
    }
  }

  /** Skin and core so far, thinned. */
  List<Heat> history() {
    int every = Math.max(1, history.size() / MOST_POINTS);
    return IntStream.range(0, history.size())
        .filter(i -> i % every == 0 || i == history.size() - 1)
        .mapToObj(history::get)
        .toList();
  }

  /**
   * How it is now.
   *
   * @param glow what is to be seen of it in a practice run, else null
   */
  BilletNow now(int place, int second, @Nullable Glow glow) {
    forecast(second);
    HeatSession c = course;
    if (jointsChanged) {
      joints = c.jointsSoFar().orElse(null);
      jointsChanged = false;
    }
    Estimate e = c.estimate();
    return new BilletNow(
        place,
        c.place(),
        c.begun(),
        c.progress().isFinished(),
        c.heat(),
        e.skin(),
        e.core(),
        readyInS,
        c.readyForS(),
        c.place() == Place.FIRE ? Math.max(0, second - c.inAtS()) : 0,
        c.sinceOutS(),
        leftS,
        Advice.of(c),
        ask,
        joints,
        glow,
        c.progress().states(),
        forecast,
        HeatExposureView.of(c.exposure(), c.plan().carbon(), c.plan().flame()));
  }

  private void forecast(int second) {
    boolean inFire = course.place() == Place.FIRE;
    if (second - forecastAtS < (inFire ? FORECAST_EVERY_S : 1)) {
      return;
    }
    readyInS = inFire ? course.secondsToReady() : NOW;
    ask = course.ask().orElse(null);
    leftS = course.begun() ? course.working().jointS() : 0;
    forecast =
        course.begun() && !course.progress().isFinished()
            ? course.forecast(FORECAST_STEPS, inFire ? IN_FIRE_STEP_S : OUT_STEP_S)
            : List.of();
    forecastAtS = second;
  }
}
