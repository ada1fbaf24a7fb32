package app.geminal.pattern;

import app.geminal.bar.Size;
import app.geminal.layup.Turn;

/**
 * A bar laid another way.
 *
 * @param bar as it was before it was turned
 */
record Reorientation(Turn turn, Size bar) implements InverseMap {
  /** Height of the bar as it is. */
  double heightMm() {
    return turn == Turn.QUARTER ? bar.width() : bar.height();
  }

  @Override
  public void back(Point p) {
    switch (turn) {
      case SAME -> {}
      case OVER -> {
        p.y = bar.width() - p.y;
        p.z = bar.height() - p.z;
      }
      case END -> {
        p.x = bar.length() - p.x;
        p.y = bar.width() - p.y;
      }
      case QUARTER -> {
        double y = p.y;
        p.y = p.z;
        p.z = bar.height() - y;
      }
    }
  }
}
