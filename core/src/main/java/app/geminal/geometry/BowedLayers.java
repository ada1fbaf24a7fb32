package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Layers on edge that bowed out while they were pressed down; both edges of the bar stay straight.
 *
 * <p>A column at y is taken from y − bow·s·c: s(t) = 1 − |2t − 1|^1.5 over the width, 1 in the
 * middle and 0 at both edges; c(ζ) = 1/3 − ζ² over the half height, which is 0 on average, so that
 * every layer keeps its area to the first order. Columns never cross up to a bow of half the width.
 * Local width is off by up to 2·bow/width where a layer is near an edge and at the faces.
 *
 * @param bowMm how far layers bow out in the middle, at most half the width
 * @param bar its size
 */
public record BowedLayers(double bowMm, Size bar) implements BarChange {

  @Override
  public Bars of(Bars bars) {
    Section flat = bars.section();
    return bars.withSection(Section.wrought(flat.up(), flat.across(), flat));
  }

  @Override
  public List<InverseMap> back() {
    return List.of(p -> p.y -= bow(p.y, p.z));
  }

  private double bow(double y, double z) {
    double from = Math.abs(2 * y / bar.width() - 1);
    double up = 2 * z / bar.height() - 1;
    double share = 1 - Math.min(1, from * Math.sqrt(from));
    return bowMm * share * (1.0 / 3 - up * up);
  }

  @Override
  public boolean forward(Point p) {
    OptionalDouble y = Roots.rising(at -> at - bow(at, p.z) - p.y, 0, bar.width());
    p.y = y.orElse(p.y);
    return y.isPresent();
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(box.anywhereAcross(bar.length(), bar));
  }

  @Override
  public VolumeRange localVolume() {
    double off = 2 * bowMm / bar.width();
    return new VolumeRange(1 - off, 1 + off);
  }

  @Override
  public boolean keepsLayersFlat() {
    return false;
  }
}
