package app.geminal.pattern;

import app.geminal.geometry.Gathering;
import app.geminal.geometry.Point;
import java.util.List;

/** Bars that met: the end of one chain and the beginning of others. */
final class Gathered implements End {
  private final Gathering gathering;
  private final End[] sources;

  /**
   * @param sources what each source of the gathering is made of, in the same order
   */
  Gathered(Gathering gathering, List<End> sources) {
    this.gathering = gathering;
    this.sources = sources.toArray(End[]::new);
  }

  @Override
  public FlatLayers land(Point p) {
    return sources[gathering.backInto(p)].land(p);
  }
}
