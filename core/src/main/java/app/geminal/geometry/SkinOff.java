package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Side;
import app.geminal.bar.Size;
import java.util.List;

/**
 * Steel taken off the faces of each bar: scale, a trim, grinding.
 *
 * @param after what is left
 * @param frontMm off the end at the bench stop; what is off the other end follows from the length
 * @param leftMm off the left edge
 * @param rightMm off the right edge
 * @param bottomMm off the underside
 * @param topMm off the top
 */
public record SkinOff(
    Size after, double frontMm, double leftMm, double rightMm, double bottomMm, double topMm)
    implements BarChange {

  /** The same off all six faces. */
  public static SkinOff everywhere(Bars bars, double mm) {
    return new SkinOff(Size.of(bars).without(mm), mm, mm, mm, mm, mm);
  }

  /** Off both ends. */
  public static SkinOff ends(Bars bars, double frontMm, double backMm) {
    Size size = Size.of(bars);
    double length = size.length() - frontMm - backMm;
    return new SkinOff(new Size(length, size.width(), size.height()), frontMm, 0, 0, 0, 0);
  }

  /** Off both edges and the broad faces. */
  public static SkinOff sides(Bars bars, double edgesMm, double bottomMm, double topMm) {
    Size size = Size.of(bars);
    Size after =
        new Size(size.length(), size.width() - 2 * edgesMm, size.height() - bottomMm - topMm);
    return new SkinOff(after, 0, edgesMm, edgesMm, bottomMm, topMm);
  }

  @Override
  public Bars of(Bars bars) {
    Section left =
        bars.section()
            .without(Side.BOTTOM, bottomMm)
            .without(Side.TOP, topMm)
            .without(Side.LEFT, leftMm)
            .without(Side.RIGHT, rightMm);
    return bars.withSection(left).withLength(after.length());
  }

  @Override
  public List<InverseMap> back() {
    return List.of(LinearStretch.shift(frontMm, leftMm, bottomMm));
  }

  @Override
  public boolean forward(Point p) {
    p.x -= frontMm;
    p.y -= leftMm;
    p.z -= bottomMm;
    return Inside.of(p, after);
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(box.by(-frontMm, -leftMm, -bottomMm).in(after));
  }

  @Override
  public boolean keepsLayersFlat() {
    return true;
  }
}
