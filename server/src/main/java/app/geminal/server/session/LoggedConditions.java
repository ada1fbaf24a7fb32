package app.geminal.server.session;

import app.geminal.heatplan.ForgeAction;
import app.geminal.session.HeatSession;
import app.geminal.session.LogMark;
import app.geminal.weld.WeldConditions;
import app.geminal.weldmap.WeldMap;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the log of a session says of how a weld was made. */
final class LoggedConditions {
  private LoggedConditions() {}

  static WeldConditions of(HeatSession course) {
    List<LogMark> squeezes =
        course.marks().stream().filter(m -> m.logEntry().act() == ForgeAction.SQUEEZE).toList();
    Optional<LogMark> slowest =
        squeezes.stream().max(Comparator.comparingDouble(LogMark::sinceOutS));
    double pressed = squeezes.stream().mapToDouble(LogMark::pressedMm).sum();
    double part = pressed / course.plan().bar().heightMm();
    return new WeldConditions(
        course.plan().window().floorC(),
        course.plan().window().ceilingC(),
        soakMin(course),
        course.plan().soaking().firstMin(),
        slowest.map(LogMark::sinceOutS).orElse(null),
        slowest.map(m -> Math.max(0, m.sinceOutS() + m.leftS())).orElse(null),
        squeezes.isEmpty()
            ? null
            : (int) squeezes.stream().mapToInt(LogMark::heat).distinct().count(),
        null,
        pressed > 0 ? Math.min(0.9, part) : null,
        0,
        false,
        course.plannedWeldMap().map(WeldMap::chance).orElse(null));
  }

  /** From going in for the heat of the first squeeze to coming out of it. */
  private static @Nullable Double soakMin(HeatSession course) {
    double in = Double.NaN;
    double out = Double.NaN;
    for (LogMark mark : course.marks()) {
      switch (mark.logEntry().act()) {
        case IN -> in = mark.logEntry().atS();
        case OUT -> out = mark.logEntry().atS();
        case SQUEEZE -> {
          return out > in ? (out - in) / 60 : null;
        }
        default -> {}
      }
    }
    return null;
  }
}
