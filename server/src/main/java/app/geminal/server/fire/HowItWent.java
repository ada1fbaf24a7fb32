package app.geminal.server.fire;

import app.geminal.fire.Act;
import app.geminal.fire.Course;
import app.geminal.fire.Mark;
import app.geminal.weld.HowMade;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the log of a session says of how a weld was made. */
final class HowItWent {
  private HowItWent() {}

  static HowMade of(Course course) {
    List<Mark> squeezes =
        course.marks().stream().filter(m -> m.deed().act() == Act.SQUEEZE).toList();
    Optional<Mark> slowest = squeezes.stream().max(Comparator.comparingDouble(Mark::sinceOutS));
    double pressed = squeezes.stream().mapToDouble(Mark::pressedMm).sum();
    double part = pressed / course.plan().bar().heightMm();
    return new HowMade(
        course.plan().window().floorC(),
        course.plan().window().ceilingC(),
        soakMin(course),
        course.plan().soaking().firstMin(),
        slowest.map(Mark::sinceOutS).orElse(null),
        slowest.map(m -> Math.max(0, m.sinceOutS() + m.leftS())).orElse(null),
        squeezes.isEmpty() ? null : (int) squeezes.stream().mapToInt(Mark::heat).distinct().count(),
        null,
        pressed > 0 ? Math.min(0.9, part) : null,
        0,
        false);
  }

  /** From going in for the heat of the first squeeze to coming out of it. */
  private static @Nullable Double soakMin(Course course) {
    double in = Double.NaN;
    double out = Double.NaN;
    for (Mark mark : course.marks()) {
      switch (mark.deed().act()) {
        case IN -> in = mark.deed().atS();
        case OUT -> out = mark.deed().atS();
        case SQUEEZE -> {
          return out > in ? (out - in) / 60 : null;
        }
        default -> {}
      }
    }
    return null;
  }
}
