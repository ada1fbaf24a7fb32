package app.geminal.fire;

import app.geminal.heat.Soak;
import app.geminal.shop.Limits;
import app.geminal.units.Quantity;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.List;

/**
 * What the log of one billet's heats shows afterwards: pulled too early, out too long, too hot,
 * squeezed too hard, or as it should be. Estimates speak; whether it welded is for the hammer, the
 * grinder and the etch to say.
 */
public final class Review {
  /** How a bar left the fire. */
  private enum Pulled {
    READY,
    UNEVEN,
    EARLY
  }

  private Review() {}

  /** All that can be said, in order of time; what went well too. */
  public static List<Lesson> of(Course course, Limits limits) {
    List<Lesson> lessons = new ArrayList<>();
    Window window = course.plan().window();
    for (Mark mark : course.marks()) {
      switch (mark.deed().act()) {
        case OUT -> {
          if (squeezedNext(course, mark)) {
            lessons.add(pulled(mark, window));
          } else if (isFuelled(course) && mark.heat() == 1 && mark.coreC() < window.floorC()) {
            lessons.add(seams(mark));
          }
        }
        case SQUEEZE -> {
          lessons.add(waited(mark));
          if (mark.pressedMm() > 0 && course.plan().isWeld()) {
            lessons.add(squeezed(mark, course.plan(), limits));
          }
        }
        case FLUX -> {
          if (mark.heat() == 1) {
            lessons.add(fluxed(mark));
          }
        }
        default -> {}
      }
    }
    if (course.begun()) {
      lessons.add(heat(course, window));
      left(course).forEach(lessons::add);
    }
    return lessons;
  }

  private static boolean isFuelled(Course course) {
    return course
        .plan()
        .school()
        .filter(s -> s == OxygenSchool.DRY || s == OxygenSchool.BOTH)
        .isPresent();
  }

  private static Lesson seams(Mark mark) {
    return new Lesson(
        Lesson.Kind.SEAMS,
        false,
        mark.heat(),
        mark.deed().atS(),
        HeatText.REVIEW_JOINTS.with(),
        HeatText.REVIEW_JOINTS_WHY.with("core", Quantity.celsius(mark.coreC())));
  }

  private static Lesson fluxed(Mark mark) {
    boolean well = mark.skinC() >= Steps.BORAX_MELTS_C;
    return new Lesson(
        Lesson.Kind.FLUXED,
        well,
        mark.heat(),
        mark.deed().atS(),
        HeatText.REVIEW_FLUXED.with("well", well),
        HeatText.REVIEW_FLUXED_WHY.with(
            "skin", Quantity.celsius(mark.skinC()),
            "melts", Quantity.celsius(Steps.BORAX_MELTS_C)));
  }

  /** An open stack pulled out to flux it is not pulled to be set. */
  private static boolean squeezedNext(Course course, Mark out) {
    List<Mark> marks = course.marks();
    for (int i = marks.indexOf(out) + 1; i < marks.size(); i++) {
      Act act = marks.get(i).deed().act();
      if (act == Act.SQUEEZE) {
        return true;
      }
      if (act == Act.IN) {
        return false;
      }
    }
    return false;
  }

  private static Lesson pulled(Mark mark, Window window) {
    boolean even = Soak.isEven(mark.skinC(), mark.coreC());
    boolean hot = mark.coreC() >= window.floorC();
    boolean well = even && hot;
    return new Lesson(
        Lesson.Kind.PULLED,
        well,
        mark.heat(),
        mark.deed().atS(),
        HeatText.REVIEW_PULLED.with(
            "how", well ? Pulled.READY : hot ? Pulled.UNEVEN : Pulled.EARLY),
        HeatText.REVIEW_PULLED_WHY.with(
            "skin", Quantity.celsius(mark.skinC()),
            "core", Quantity.celsius(mark.coreC()),
            "error", Quantity.degrees(mark.plusMinusC()),
            "floor", Quantity.celsius(window.floorC())));
  }

  private static Lesson waited(Mark mark) {
    boolean well = mark.leftS() >= 0;
    return new Lesson(
        Lesson.Kind.WAITED,
        well,
        mark.heat(),
        mark.deed().atS(),
        HeatText.REVIEW_WAITED.with("well", well),
        HeatText.REVIEW_WAITED_WHY.with(
            "out", Quantity.seconds(mark.sinceOutS()),
            "time", Quantity.seconds(Math.max(0, mark.sinceOutS() + mark.leftS()))));
  }

  private static Lesson squeezed(Mark mark, HeatPlan plan, Limits limits) {
    double part = mark.pressedMm() / plan.bar().heightMm();
    double most = mark.heat() == 1 ? limits.firstSetReduction() : 2 * limits.firstSetReduction();
    boolean well = part <= most;
    return new Lesson(
        Lesson.Kind.SQUEEZED,
        well,
        mark.heat(),
        mark.deed().atS(),
        HeatText.REVIEW_SQUEEZED.with("well", well),
        HeatText.REVIEW_SQUEEZED_WHY.with(
            "pressed", Quantity.mm(mark.pressedMm()),
            "part", Quantity.share(part),
            "limit", Quantity.share(most)));
  }

  private static Lesson heat(Course course, Window window) {
    boolean well = course.hottestC() <= window.ceilingC();
    double at = course.last().map(Deed::atS).orElse(0.0);
    return new Lesson(
        Lesson.Kind.HEAT,
        well,
        course.heat(),
        at,
        HeatText.REVIEW_HEAT.with("well", well),
        HeatText.REVIEW_HEAT_WHY.with(
            "skin", Quantity.celsius(course.hottestC()),
            "limit", Quantity.celsius(window.ceilingC())));
  }

  private static List<Lesson> left(Course course) {
    List<Lesson> lessons = new ArrayList<>();
    List<Course.Standing> standings = course.standings();
    for (int i = 0; i < standings.size(); i++) {
      FireStep step = course.plan().steps().get(i);
      if (standings.get(i) == Course.Standing.LEFT_OUT && step.act().isPresent()) {
        lessons.add(
            new Lesson(
                Lesson.Kind.LEFT_OUT,
                false,
                step.heat(),
                course.last().map(Deed::atS).orElse(0.0),
                HeatText.REVIEW_SKIPPED.with("step", step.title()),
                step.how()));
      }
    }
    return lessons;
  }
}
