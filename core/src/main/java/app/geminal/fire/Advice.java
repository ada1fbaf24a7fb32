package app.geminal.fire;

import app.geminal.heat.Following;
import app.geminal.heat.Following.Place;
import app.geminal.heat.WorkingTime;
import app.geminal.text.Message;
import app.geminal.units.Quantity;
import java.util.ArrayList;
import java.util.List;

/**
 * What to do now, and why. An estimate and a plan speak here, not a thermometer in the core: the
 * eye at the fire overrules it.
 *
 * @param title a short order
 * @param why a sentence or two
 * @param main the tap that comes next
 * @param others further taps that make sense now, in order
 * @param urgent whether seconds count
 * @param waits whether there is nothing to do but wait
 */
public record Advice(
    Message title, Message why, Act main, List<Act> others, boolean urgent, boolean waits) {
  private static final double BEHIND_C = 5;
  private static final double OVER_C = 3;
  private static final double HALF = 0.5;

  /** For a billet that is at this point of its course. */
  public static Advice of(Course course) {
    if (course.squeezing()) {
      return squeezing(course);
    }
    if (course.place() == Place.FIRE) {
      return inFire(course);
    }
    if (!course.begun()) {
      return cold(course);
    }
    return out(course);
  }

  private static Advice cold(Course course) {
    if (course.isNext(Act.FUEL)) {
      return new Advice(
          HeatText.NOW_FUEL.with(),
          HeatText.NOW_FUEL_WHY.with(),
          Act.FUEL,
          List.of(Act.IN),
          false,
          false);
    }
    return new Advice(
        HeatText.NOW_IN.with(),
        HeatText.NOW_IN_WHY.with("time", Quantity.minutes(course.plan().soaking().firstMin())),
        Act.IN,
        List.of(Act.LOOK),
        false,
        false);
  }

  private static Advice inFire(Course course) {
    Following.Estimate now = course.estimate();
    Window window = course.plan().window();
    List<Act> others = new ArrayList<>(List.of(Act.TURN));
    boolean flux = course.isNext(Act.FLUX);
    if (course.plan().fluxes()) {
      others.add(Act.FLUX);
    }
    others.add(Act.LOOK);
    if (now.skinC() > window.meltsC()) {
      return new Advice(
          HeatText.NOW_TOO_HOT.with(),
          HeatText.NOW_TOO_HOT_WHY.with(
              "skin", Quantity.celsius(now.skinC()),
              "steel", window.softest(),
              "melts", Quantity.celsius(window.solidusC())),
          Act.OUT,
          others,
          true,
          false);
    }
    if (flux && course.heat() == 1 && now.skinC() < Steps.BORAX_MELTS_C) {
      return new Advice(
          HeatText.NOW_SOAK.with(),
          HeatText.NOW_SOAK_TO_FLUX.with(
              "heat", Quantity.celsius(Steps.FLUX_AT_C), "skin", Quantity.celsius(now.skinC())),
          Act.OUT,
          others,
          false,
          true);
    }
    if (flux) {
      others.remove(Act.FLUX);
      others.add(1, Act.OUT);
      return new Advice(
          HeatText.NOW_FLUX.with(), HeatText.NOW_FLUX_WHY.with(), Act.FLUX, others, false, false);
    }
    double soak = course.plan().soaking().minutes(course.heat()) * 60;
    if (course.isNext(Act.TURN) && course.nowS() - course.inAtS() >= soak * HALF) {
      others.remove(Act.TURN);
      others.addFirst(Act.OUT);
      return new Advice(
          HeatText.NOW_TURN.with(), HeatText.NOW_TURN_WHY.with(), Act.TURN, others, false, false);
    }
    if (!now.isReady(window.floorC()) && now.skinC() > window.ceilingC() + OVER_C) {
      return new Advice(
          HeatText.NOW_TURN_DOWN.with(),
          HeatText.NOW_TURN_DOWN_WHY.with(
              "skin", Quantity.celsius(now.skinC()),
              "limit", Quantity.celsius(window.ceilingC()),
              "colder", Quantity.degrees(now.skinC() - now.coreC())),
          Act.OUT,
          others,
          false,
          true);
    }
    if (!now.isReady(window.floorC())) {
      return new Advice(
          HeatText.NOW_SOAK.with(), behind(course, now, window), Act.OUT, others, false, true);
    }
    boolean over = course.readyForS() > course.plan().soaking().limitMin() * 60;
    return new Advice(
        HeatText.NOW_OUT.with("over", over),
        over
            ? HeatText.NOW_OUT_OVER_WHY.with("time", Quantity.seconds(course.readyForS()))
            : HeatText.NOW_OUT_WHY.with(
                "skin", Quantity.celsius(now.skinC()), "core", Quantity.celsius(now.coreC())),
        Act.OUT,
        others,
        over,
        false);
  }

  private static Message behind(Course course, Following.Estimate now, Window window) {
    double lag = now.skinC() - now.coreC();
    if (now.skinC() >= window.floorC()) {
      return HeatText.NOW_SOAK_CORE_COLD.with("colder", Quantity.degrees(Math.max(BEHIND_C, lag)));
    }
    return HeatText.NOW_SOAK_COLD.with(
        "skin", Quantity.celsius(now.skinC()),
        "core", Quantity.celsius(now.coreC()),
        "weld", course.plan().isWeld(),
        "floor", Quantity.celsius(window.floorC()));
  }

  private static Advice out(Course course) {
    if (course.squeezedInThisHeat()) {
      return afterSet(course);
    }
    WorkingTime left = course.working();
    if (left.jointS() <= 0) {
      return new Advice(
          HeatText.NOW_TOO_COLD.with(),
          HeatText.NOW_TOO_COLD_WHY.with(
              "floor", Quantity.celsius(course.plan().window().floorC())),
          Act.IN,
          List.of(Act.SQUEEZE, Act.BRUSH),
          true,
          false);
    }
    Message how = course.step().map(FireStep::how).orElseGet(HeatText.NOW_SQUEEZE_WHY::with);
    return new Advice(
        HeatText.NOW_SQUEEZE.with("weld", course.plan().isWeld()),
        how,
        Act.SQUEEZE,
        List.of(Act.IN, Act.FLUX, Act.BRUSH),
        true,
        false);
  }

  private static Advice afterSet(Course course) {
    Act next = course.step().flatMap(FireStep::act).orElse(Act.LOOK);
    Message how = course.step().map(FireStep::how).orElseGet(HeatText.NOW_DONE_WHY::with);
    return switch (next) {
      case BRUSH ->
          new Advice(
              HeatText.NOW_BRUSH.with(),
              how,
              Act.BRUSH,
              List.of(Act.IN, Act.SQUEEZE, Act.LOOK),
              true,
              false);
      case LOOK ->
          new Advice(
              course.finished() ? HeatText.NOW_DONE.with() : HeatText.NOW_INSPECT.with(),
              how,
              Act.LOOK,
              List.of(Act.IN, Act.SQUEEZE, Act.BRUSH),
              false,
              false);
      default ->
          new Advice(
              HeatText.NOW_BACK_IN.with(),
              how,
              Act.IN,
              List.of(Act.SQUEEZE, Act.BRUSH, Act.LOOK),
              true,
              false);
    };
  }

  private static Advice squeezing(Course course) {
    double mm = course.plan().bar().heightMm() * course.plan().reductionPerHeat();
    return new Advice(
        HeatText.NOW_RELEASE.with(),
        course.plan().isWeld()
            ? HeatText.NOW_RELEASE_WHY.with("down", Quantity.mm(mm))
            : HeatText.NOW_RELEASE_AT_STOP.with(),
        Act.LET_GO,
        List.of(Act.BRUSH, Act.IN),
        true,
        false);
  }
}
