package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import java.util.List;

/**
 * Drawn or pressed to another size, evenly; layers thin or thicken alike.
 *
 * @param before size of each bar
 * @param after size it is given
 * @param fill part of its height that is steel afterwards: 1 where voids are closed
 */
public record Stretch(Size before, Size after, double fill) implements BarChange {

  /** To another section; the length keeps the volume. */
  public static Stretch toSection(Bars bars, double widthMm, double heightMm) {
    double length = bars.lengthAsMm(widthMm, heightMm);
    return new Stretch(Size.of(bars), new Size(length, widthMm, heightMm), 1);
  }

  @Override
  public Bars of(Bars bars) {
    return bars.withFill(fill)
        .withSection(bars.section().resized(after.width(), after.height()))
        .withLength(after.length());
  }

  @Override
  public List<InverseMap> back() {
    return List.of(LinearStretch.between(after, before));
  }

  @Override
  public boolean forward(Point p) {
    LinearStretch.between(before, after).back(p);
    return true;
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(box.stretched(before, after).in(after));
  }

  @Override
  public boolean keepsLayersFlat() {
    return true;
  }
}
