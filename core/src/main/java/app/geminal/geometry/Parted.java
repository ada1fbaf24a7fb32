package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import java.util.List;

/**
 * A length sawn off the far end of each bar and set aside.
 *
 * @param stays size of what stays
 * @param kerfMm between what stays and what is set aside
 * @param asideMm length of what is set aside
 */
public record Parted(Size stays, double kerfMm, double asideMm) implements BarChange {
  @Override
  public Bars of(Bars bars) {
    return bars.withLength(stays.length());
  }

  @Override
  public List<InverseMap> back() {
    return List.of();
  }

  @Override
  public boolean forward(Point p) {
    return Inside.within(p.x, stays.length());
  }

  @Override
  public Destination forward(Box box) {
    Size aside = new Size(asideMm, stays.width(), stays.height());
    return new Destination(
        box.in(stays).stream().toList(),
        box.by(-stays.length() - kerfMm, 0, 0).in(aside).stream().toList());
  }

  @Override
  public boolean keepsLayersFlat() {
    return true;
  }
}
