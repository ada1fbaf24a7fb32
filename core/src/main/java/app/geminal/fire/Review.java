package app.geminal.fire;

import app.geminal.heat.Soak;
import app.geminal.shop.Limits;
import app.geminal.units.Measure;
import app.geminal.units.Text;
import app.geminal.weld.OxygenSchool;
import java.util.ArrayList;
import java.util.List;

/**
 * What the log of one billet's heats shows afterwards: pulled too early, out too long, too hot,
 * squeezed too hard, or as it should be. Estimates speak; whether it welded is for the hammer, the
 * grinder and the etch to say.
 */
public final class Review {
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
        "Out before it was at heat.",
        Text.of(
            "Core %s. Fuel has burnt off by then and air gets into the seams: weld it with flux now, or soak it anew.",
            Measure.celsius(mark.coreC())));
  }

  private static Lesson fluxed(Mark mark) {
    boolean well = mark.skinC() >= Steps.BORAX_MELTS_C;
    return new Lesson(
        Lesson.Kind.FLUXED,
        well,
        mark.heat(),
        mark.deed().atS(),
        well ? "Fluxed hot enough." : "Fluxed too cold.",
        Text.of(
            "Skin %s; borax melts at %s, and colder it falls off.",
            Measure.celsius(mark.skinC()), Measure.celsius(Steps.BORAX_MELTS_C)));
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
    String figures =
        Text.of(
            "Skin %s, core %s (±%s) as it left the fire; it welds from %s.",
            Measure.celsius(mark.skinC()),
            Measure.celsius(mark.coreC()),
            Measure.degrees(mark.plusMinusC()),
            Measure.celsius(window.floorC()));
    return new Lesson(
        Lesson.Kind.PULLED,
        well,
        mark.heat(),
        mark.deed().atS(),
        well
            ? "Pulled when it was ready."
            : hot ? "Pulled before it was even." : "Pulled too early.",
        figures);
  }

  private static Lesson waited(Mark mark) {
    boolean well = mark.leftS() >= 0;
    return new Lesson(
        Lesson.Kind.WAITED,
        well,
        mark.heat(),
        mark.deed().atS(),
        well ? "At the dies in time." : "Out too long.",
        Text.of(
            "%.0f s out of the fire; the outer joint kept welding heat for %.0f s.",
            mark.sinceOutS(), mark.sinceOutS() + mark.leftS()));
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
        well ? "Squeezed as it should be." : "Squeezed too hard.",
        Text.of(
            "About %s under load, %.0f %% of the height; over %.0f %% the sides split.",
            Measure.mm(mark.pressedMm()), part * 100, most * 100));
  }

  private static Lesson heat(Course course, Window window) {
    boolean well = course.hottestC() <= window.ceilingC();
    double at = course.last().map(Deed::atS).orElse(0.0);
    return new Lesson(
        Lesson.Kind.HEAT,
        well,
        course.heat(),
        at,
        well ? "Never too hot." : "Too hot.",
        Text.of(
            "The skin reached %s; the window ends at %s.",
            Measure.celsius(course.hottestC()), Measure.celsius(window.ceilingC())));
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
                "Left out: " + step.title() + ".",
                step.how()));
      }
    }
    return lessons;
  }
}
