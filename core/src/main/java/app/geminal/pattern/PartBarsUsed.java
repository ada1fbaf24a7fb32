package app.geminal.pattern;

import app.geminal.geometry.Point;

/**
 * Bars of a part of which some were used before.
 *
 * @param first of them that is used here
 */
record PartBarsUsed(Chain part, int first) implements End {
  @Override
  public FlatLayers land(Point p) {
    p.bar += first;
    return part.land(p);
  }
}
