package app.geminal.pattern;

import app.geminal.geometry.InverseMap;
import app.geminal.geometry.LinearStretch;
import app.geminal.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** The history of one bar, last step first: straight steps, then an end. */
final class Chain implements End {
  private final InverseMap[] steps;
  private final End end;

  private Chain(End end, InverseMap... steps) {
    this.end = end;
    this.steps = steps;
  }

  static Chain of(End end) {
    return new Chain(end);
  }

  @Override
  public FlatLayers land(Point p) {
    for (InverseMap step : steps) {
      step.back(p);
    }
    return end.land(p);
  }

  /** The chain with steps done later, the last of them first; neighbours that can be one are. */
  Chain after(List<InverseMap> later) {
    List<InverseMap> all = new ArrayList<>();
    for (InverseMap step : later) {
      add(all, step);
    }
    for (InverseMap step : steps) {
      add(all, step);
    }
    return new Chain(end, all.toArray(InverseMap[]::new));
  }

  private static void add(List<InverseMap> all, InverseMap step) {
    if (step instanceof LinearStretch stretch) {
      if (stretch.isNothing()) {
        return;
      }
      if (!all.isEmpty() && all.getLast() instanceof LinearStretch before) {
        all.set(all.size() - 1, before.then(stretch));
        return;
      }
    }
    all.add(step);
  }
}
