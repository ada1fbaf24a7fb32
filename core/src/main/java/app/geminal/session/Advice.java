package app.geminal.session;

import app.geminal.following.Estimate;
import app.geminal.following.Place;
import app.geminal.heat.WorkingTime;
import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatStep;
import app.geminal.heatplan.HeatSteps;
import app.geminal.heatplan.HeatWindow;
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
    Message title,
    Message why,
    ForgeAction main,
    List<ForgeAction> others,
    boolean urgent,
    boolean waits) {
  private static final double BEHIND_C = 5;
  private static final double OVER_C = 3;
  private static final double HALF = 0.5;

  /** For a billet that is at this point of its course. */
  public static Advice of(HeatSession course) {
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

  private static Advice cold(HeatSession course) {
    if (course.progress().isNext(ForgeAction.FUEL)) {
      return new Advice(
          SessionText.NOW_FUEL.with(),
          SessionText.NOW_FUEL_WHY.with(),
          ForgeAction.FUEL,
          List.of(ForgeAction.IN),
          false,
          false);
    }
    return new Advice(
        SessionText.NOW_IN.with(),
        SessionText.NOW_IN_WHY.with("time", Quantity.minutes(course.plan().soaking().firstMin())),
        ForgeAction.IN,
        List.of(ForgeAction.LOOK),
        false,
        false);
  }

  private static Advice inFire(HeatSession course) {
    Estimate now = course.estimate();
    HeatWindow window = course.plan().window();
    List<ForgeAction> others = new ArrayList<>(List.of(ForgeAction.TURN));
    boolean flux = course.progress().isNext(ForgeAction.FLUX);
    if (course.plan().fluxes()) {
      others.add(ForgeAction.FLUX);
    }
    others.add(ForgeAction.LOOK);
    if (now.skinC() > window.meltsC()) {
      return new Advice(
          SessionText.NOW_TOO_HOT.with(),
          SessionText.NOW_TOO_HOT_WHY.with(
              "skin", Quantity.celsius(now.skinC()),
              "steel", window.softest(),
              "melts", Quantity.celsius(window.solidusC())),
          ForgeAction.OUT,
          others,
          true,
          false);
    }
    if (flux && course.heat() == 1 && now.skinC() < HeatSteps.BORAX_MELTS_C) {
      return new Advice(
          SessionText.NOW_SOAK.with(),
          SessionText.NOW_SOAK_TO_FLUX.with(
              "heat", Quantity.celsius(HeatSteps.FLUX_AT_C), "skin", Quantity.celsius(now.skinC())),
          ForgeAction.OUT,
          others,
          false,
          true);
    }
    if (flux) {
      others.remove(ForgeAction.FLUX);
      others.add(1, ForgeAction.OUT);
      return new Advice(
          SessionText.NOW_FLUX.with(),
          SessionText.NOW_FLUX_WHY.with(),
          ForgeAction.FLUX,
          others,
          false,
          false);
    }
    double soak = course.plan().soaking().minutes(course.heat()) * 60;
    if (course.progress().isNext(ForgeAction.TURN)
        && course.nowS() - course.inAtS() >= soak * HALF) {
      others.remove(ForgeAction.TURN);
      others.addFirst(ForgeAction.OUT);
      return new Advice(
          SessionText.NOW_TURN.with(),
          SessionText.NOW_TURN_WHY.with(),
          ForgeAction.TURN,
          others,
          false,
          false);
    }
    boolean isReady = course.isReady();
    if (!isReady && now.skinC() > window.ceilingC() + OVER_C) {
      return new Advice(
          SessionText.NOW_TURN_DOWN.with(),
          SessionText.NOW_TURN_DOWN_WHY.with(
              "skin", Quantity.celsius(now.skinC()),
              "limit", Quantity.celsius(window.ceilingC()),
              "colder", Quantity.degrees(now.skinC() - now.coreC())),
          ForgeAction.OUT,
          others,
          false,
          true);
    }
    if (!isReady) {
      return new Advice(
          SessionText.NOW_SOAK.with(),
          behind(course, now, window),
          ForgeAction.OUT,
          others,
          false,
          true);
    }
    boolean over = course.readyForS() > course.plan().soaking().limitMin() * 60;
    return new Advice(
        SessionText.NOW_OUT.with("over", over),
        over
            ? SessionText.NOW_OUT_OVER_WHY.with("time", Quantity.seconds(course.readyForS()))
            : SessionText.NOW_OUT_WHY.with(
                "skin", Quantity.celsius(now.skinC()), "core", Quantity.celsius(now.coreC())),
        ForgeAction.OUT,
        others,
        over,
        false);
  }

  private static Message behind(HeatSession course, Estimate now, HeatWindow window) {
    double lag = now.skinC() - now.coreC();
    if (now.skinC() >= window.floorC()) {
      return SessionText.NOW_SOAK_CORE_COLD.with(
          "colder", Quantity.degrees(Math.max(BEHIND_C, lag)));
    }
    return SessionText.NOW_SOAK_COLD.with(
        "skin", Quantity.celsius(now.skinC()),
        "core", Quantity.celsius(now.coreC()),
        "weld", course.plan().isWeld(),
        "floor", Quantity.celsius(window.floorC()));
  }

  private static Advice out(HeatSession course) {
    if (course.squeezedInThisHeat()) {
      return afterSet(course);
    }
    WorkingTime left = course.working();
    if (left.jointS() <= 0) {
      return new Advice(
          SessionText.NOW_TOO_COLD.with(),
          SessionText.NOW_TOO_COLD_WHY.with(
              "floor", Quantity.celsius(course.plan().window().floorC())),
          ForgeAction.IN,
          List.of(ForgeAction.SQUEEZE, ForgeAction.BRUSH),
          true,
          false);
    }
    Message how =
        course.progress().step().map(HeatStep::how).orElseGet(SessionText.NOW_SQUEEZE_WHY::with);
    return new Advice(
        SessionText.NOW_SQUEEZE.with("weld", course.plan().isWeld()),
        how,
        ForgeAction.SQUEEZE,
        List.of(ForgeAction.IN, ForgeAction.FLUX, ForgeAction.BRUSH),
        true,
        false);
  }

  private static Advice afterSet(HeatSession course) {
    ForgeAction next = course.progress().step().flatMap(HeatStep::act).orElse(ForgeAction.LOOK);
    Message how =
        course.progress().step().map(HeatStep::how).orElseGet(SessionText.NOW_DONE_WHY::with);
    return switch (next) {
      case BRUSH ->
          new Advice(
              SessionText.NOW_BRUSH.with(),
              how,
              ForgeAction.BRUSH,
              List.of(ForgeAction.IN, ForgeAction.SQUEEZE, ForgeAction.LOOK),
              true,
              false);
      case LOOK ->
          new Advice(
              course.progress().isFinished()
                  ? SessionText.NOW_DONE.with()
                  : SessionText.NOW_INSPECT.with(),
              how,
              ForgeAction.LOOK,
              List.of(ForgeAction.IN, ForgeAction.SQUEEZE, ForgeAction.BRUSH),
              false,
              false);
      default ->
          new Advice(
              SessionText.NOW_BACK_IN.with(),
              how,
              ForgeAction.IN,
              List.of(ForgeAction.SQUEEZE, ForgeAction.BRUSH, ForgeAction.LOOK),
              true,
              false);
    };
  }

  private static Advice squeezing(HeatSession course) {
    double mm = course.plan().bar().heightMm() * course.plan().reductionPerHeat();
    return new Advice(
        SessionText.NOW_RELEASE.with(),
        course.plan().isWeld()
            ? SessionText.NOW_RELEASE_WHY.with("down", Quantity.mm(mm))
            : SessionText.NOW_RELEASE_AT_STOP.with(),
        ForgeAction.LET_GO,
        List.of(ForgeAction.BRUSH, ForgeAction.IN),
        true,
        false);
  }
}
