package app.geminal.pattern;

import app.geminal.bar.Size;

/**
 * Folded once, top face to top face.
 *
 * @param before the bar that was folded
 */
record Folded(Size before) implements InverseMap {
  @Override
  public void back(Point p) {
    boolean over = p.z > before.height();
    if (over) {
      p.z = 2 * before.height() - p.z;
      p.x = before.length() - p.x;
    }
    p.through(over ? 1 : 0);
  }
}
