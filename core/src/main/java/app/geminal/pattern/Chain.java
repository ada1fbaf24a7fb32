package app.geminal.pattern;

import java.util.ArrayList;
import java.util.List;

/** The history of one bar, last step first: straight steps, then an end. */
final class Chain {
  private final Back[] steps;
  private final End end;

  private Chain(End end, Back... steps) {
    this.end = end;
    this.steps = steps;
  }

  static Chain of(End end) {
    return new Chain(end);
  }

  void land(Point p) {
    for (Back step : steps) {
      step.back(p);
    }
    end.land(p);
  }

  /** The chain with steps done later, the last of them first; neighbours that can be one are. */
  Chain after(Back... later) {
    List<Back> all = new ArrayList<>();
    for (Back step : later) {
      add(all, step);
    }
    for (Back step : steps) {
      add(all, step);
    }
    return new Chain(end, all.toArray(Back[]::new));
  }

  private static void add(List<Back> all, Back step) {
    if (step instanceof Stretch stretch) {
      if (stretch.isNothing()) {
        return;
      }
      if (!all.isEmpty() && all.getLast() instanceof Stretch before) {
        all.set(all.size() - 1, before.then(stretch));
        return;
      }
    }
    all.add(step);
  }
}
