package app.geminal.pattern;

import java.util.List;

/**
 * Bars numbered again.
 *
 * @param was the number each bar had before
 */
record Renumbered(List<Integer> was) implements InverseMap {
  @Override
  public void back(Point p) {
    p.bar = was.get(p.bar);
  }
}
