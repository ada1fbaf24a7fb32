package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Size;
import java.util.List;

/**
 * Bars put in another order, and the last ones taken away.
 *
 * @param was the number each bar had before, those taken away last
 * @param stay how many stay
 * @param isAside whether the others are set aside, and not scrapped
 * @param size of each
 */
public record Renumbered(List<Integer> was, int stay, boolean isAside, Size size)
    implements BarChange {
  /** Copies the list. */
  public Renumbered {
    was = List.copyOf(was);
  }

  @Override
  public Bars of(Bars bars) {
    return bars.times(stay);
  }

  @Override
  public List<InverseMap> back() {
    return List.of(p -> p.bar = was.get(p.bar));
  }

  @Override
  public boolean forward(Point p) {
    p.bar = was.indexOf(p.bar);
    return p.bar < stay;
  }

  @Override
  public Destination forward(Box box) {
    int now = was.indexOf(box.bar());
    if (now < stay) {
      return Destination.here(box.inBar(now).in(size));
    }
    return isAside ? Destination.aside(box.inBar(now - stay).in(size)) : Destination.GONE;
  }

  @Override
  public boolean keepsLayersFlat() {
    return true;
  }
}
