package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import app.geminal.layup.Turn;
import java.util.List;

/**
 * A bar laid another way.
 *
 * @param bar as it was before it was turned
 */
public record Reorientation(Turn turn, Size bar) implements BarChange, InverseMap {
  /** Height of the bar as it is. */
  double heightMm() {
    return turn == Turn.QUARTER ? bar.width() : bar.height();
  }

  /** The section of a bar that is laid that way. */
  public static Section turned(Section section, Turn turn) {
    return switch (turn) {
      case SAME -> section;
      case OVER -> section.turnedOver();
      case END -> section.mirroredAcross();
      case QUARTER -> section.quarterTurned();
    };
  }

  @Override
  public Bars of(Bars bars) {
    return bars.withSection(turned(bars.section(), turn));
  }

  @Override
  public List<InverseMap> back() {
    return List.of(this);
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

  @Override
  public boolean forward(Point p) {
    if (turn == Turn.QUARTER) {
      double y = p.y;
      p.y = bar.height() - p.z;
      p.z = y;
    } else {
      back(p);
    }
    return true;
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(box.turned(turn, bar).in(turn == Turn.QUARTER ? bar.onEdge() : bar));
  }

  @Override
  public boolean keepsLayersFlat() {
    return turn != Turn.QUARTER;
  }
}
