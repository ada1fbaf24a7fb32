package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import java.util.List;
import java.util.stream.Stream;

/**
 * Each bar cut half through and folded on itself, top face to top face.
 *
 * @param before size of each bar
 * @param endLossMm length lost with the bent end
 */
public record Folded(Size before, double endLossMm) implements BarChange {

  /** Length of each bar afterwards, mm; may be negative, where the bend takes all of it. */
  public double lengthMm() {
    return (before.length() - endLossMm) / 2;
  }

  private Size half() {
    return new Size(lengthMm(), before.width(), before.height());
  }

  @Override
  public Bars of(Bars bars) {
    Section section = bars.section();
    return new Bars(
        bars.count(),
        lengthMm(),
        Section.stacked(List.of(section, section.mirroredUp())),
        Math.multiplyExact(bars.shopCount(), 2L),
        true,
        bars.fill(),
        Form.BAR,
        1);
  }

  @Override
  public List<InverseMap> back() {
    return List.of(p -> {
      boolean over = p.z > before.height();
      if (over) {
        p.z = 2 * before.height() - p.z;
        p.x = before.length() - p.x;
      }
      p.through(over ? 1 : 0);
    });
  }

  @Override
  public boolean forward(Point p) {
    if (p.x > before.length() / 2) {
      p.x = before.length() - p.x;
      p.z = 2 * before.height() - p.z;
    }
    return Inside.within(p.x, lengthMm());
  }

  @Override
  public Destination forward(Box box) {
    Box over =
        new Box(
            box.bar(),
            box.x().mirrored(before.length()),
            box.y(),
            box.z().mirrored(before.height()));
    Size whole = new Size(lengthMm(), before.width(), 2 * before.height());
    return Destination.here(
        Stream.concat(
            box.in(half()).stream(),
            over
                .in(half())
                .map(o -> o.by(0, 0, before.height()))
                .flatMap(o -> o.in(whole))
                .stream()));
  }

  @Override
  public boolean keepsLayersFlat() {
    return true;
  }
}
