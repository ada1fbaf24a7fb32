package app.geminal.fire;

import app.geminal.heat.Following;
import app.geminal.heat.Following.Place;
import app.geminal.heat.WorkingTime;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.ArrayList;
import java.util.List;

/**
 * What to do now, and why. An estimate and a plan speak here, not a thermometer in the core: the
 * eye at the fire overrules it.
 *
 * @param title a short order
 * @param why a sentence or two, may hold measure marks
 * @param main the tap that comes next
 * @param others further taps that make sense now, in order
 * @param urgent whether seconds count
 * @param waits whether there is nothing to do but wait
 */
public record Advice(
    String title, String why, Act main, List<Act> others, boolean urgent, boolean waits) {
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
          "Into the fuel bath.",
          "Cold, away from the fire, then drained. It flares as it goes in: stand aside.",
          Act.FUEL,
          List.of(Act.IN),
          false,
          false);
    }
    return new Advice(
        "Put it in.",
        Text.of("About %.0f min to an even core.", course.plan().soaking().firstMin()),
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
          "Too hot. Take it out.",
          Text.of(
              "The skin is at %s; %s begins to melt at %s. Metal may run.",
              Measure.celsius(now.skinC()), window.softest(), Measure.celsius(window.solidusC())),
          Act.OUT,
          others,
          true,
          false);
    }
    if (flux && course.heat() == 1 && now.skinC() < Steps.BORAX_MELTS_C) {
      return new Advice(
          "Leave it in.",
          Text.of(
              "Flux at dull red, %s; the skin is at %s.",
              Measure.celsius(Steps.FLUX_AT_C), Measure.celsius(now.skinC())),
          Act.OUT,
          others,
          false,
          true);
    }
    if (flux) {
      others.remove(Act.FLUX);
      others.add(1, Act.OUT);
      return new Advice(
          "Flux the seams.",
          "The seams, not the faces. Borax melts now and clings.",
          Act.FLUX,
          others,
          false,
          false);
    }
    double soak = course.plan().soaking().minutes(course.heat()) * 60;
    if (course.isNext(Act.TURN) && course.nowS() - course.inAtS() >= soak * HALF) {
      others.remove(Act.TURN);
      others.addFirst(Act.OUT);
      return new Advice(
          "Turn it over.",
          "Half-way: the side on the floor has seen no flame.",
          Act.TURN,
          others,
          false,
          false);
    }
    if (!now.isReady(window.floorC()) && now.skinC() > window.ceilingC() + OVER_C) {
      return new Advice(
          "Turn the forge down.",
          Text.of(
              "The skin is at %s and the window ends at %s; the core is %s behind.",
              Measure.celsius(now.skinC()),
              Measure.celsius(window.ceilingC()),
              Measure.degrees(now.skinC() - now.coreC())),
          Act.OUT,
          others,
          false,
          true);
    }
    if (!now.isReady(window.floorC())) {
      return new Advice("Leave it in.", behind(now, window), Act.OUT, others, false, true);
    }
    boolean over = course.readyForS() > course.plan().soaking().limitMin() * 60;
    return new Advice(
        over ? "Take it out. It only loses steel." : "Ready. Take it out.",
        over
            ? Text.of("Ready for %.0f min already.", course.readyForS() / 60)
            : Text.of(
                "Skin %s, core %s: even. Look for shadows before you trust it.",
                Measure.celsius(now.skinC()), Measure.celsius(now.coreC())),
        Act.OUT,
        others,
        over,
        false);
  }

  private static String behind(Following.Estimate now, Window window) {
    double lag = now.skinC() - now.coreC();
    if (now.skinC() >= window.floorC()) {
      return Text.of(
          "The skin looks ready; the core is %s behind it.",
          Measure.degrees(Math.max(BEHIND_C, lag)));
    }
    return Text.of(
        "Skin %s, core %s; it welds from %s.",
        Measure.celsius(now.skinC()),
        Measure.celsius(now.coreC()),
        Measure.celsius(window.floorC()));
  }

  private static Advice out(Course course) {
    if (course.squeezedInThisHeat()) {
      return afterSet(course);
    }
    WorkingTime left = course.working();
    if (left.jointS() <= 0) {
      return new Advice(
          "Too cold. Back in.",
          Text.of(
              "The outer joint is under %s: closed now it would only look welded.",
              Measure.celsius(course.plan().window().floorC())),
          Act.IN,
          List.of(Act.SQUEEZE, Act.BRUSH),
          true,
          false);
    }
    String how = course.step().map(FireStep::how).orElse("");
    return new Advice(
        course.plan().isWeld() ? "Set it." : "Squeeze.",
        how,
        Act.SQUEEZE,
        List.of(Act.IN, Act.FLUX, Act.BRUSH),
        true,
        false);
  }

  private static Advice afterSet(Course course) {
    Act next = course.step().flatMap(FireStep::act).orElse(Act.LOOK);
    String how = course.step().map(FireStep::how).orElse("Nothing is left of this plan.");
    return switch (next) {
      case BRUSH ->
          new Advice(
              "Brush it.", how, Act.BRUSH, List.of(Act.IN, Act.SQUEEZE, Act.LOOK), true, false);
      case LOOK ->
          new Advice(
              course.finished() ? "Done." : "Look for dark lines.",
              how,
              Act.LOOK,
              List.of(Act.IN, Act.SQUEEZE, Act.BRUSH),
              false,
              false);
      default ->
          new Advice(
              "Back in.", how, Act.IN, List.of(Act.SQUEEZE, Act.BRUSH, Act.LOOK), true, false);
    };
  }

  private static Advice squeezing(Course course) {
    double mm = course.plan().bar().heightMm() * course.plan().reductionPerHeat();
    return new Advice(
        "Let go.",
        course.plan().isWeld()
            ? Text.of("About %s down is enough; harder splits the sides.", Measure.mm(mm))
            : "Down to the stop block, then up: cold dies chill it.",
        Act.LET_GO,
        List.of(Act.BRUSH, Act.IN),
        true,
        false);
  }
}
