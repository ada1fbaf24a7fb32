package app.geminal.geometry;

import app.geminal.bar.Bars;
import app.geminal.bar.Section;
import app.geminal.bar.Size;
import java.util.List;

/**
 * Hollows that were made in the broad faces and are flush again. Through the height the layers at
 * each place are stretched or squeezed alike, as if every column of steel were by itself; length
 * and width keep their place. In steel a column also flows to its neighbours while it is flattened,
 * so local volume is off by about depth over height, and the lines of a real bar are a little
 * rounder.
 *
 * @param hollows how deep they are where
 * @param bothFaces whether the underside has them too, half a pitch along
 * @param before size of the bar before
 * @param after its size afterwards
 * @param moved whether they were pressed, so that the steel between them rises, by {@code meanMm};
 *     else that steel is gone
 * @param meanMm depth of the hollows of one face on average
 */
public record FilledHollows(
    Hollows hollows, boolean bothFaces, Size before, Size after, boolean moved, double meanMm)
    implements BarChange {

  /** Hollows in the broad faces, before they are filled. */
  public sealed interface Hollows permits Grooves, RoundHollows {
    /** How deep a face is hollowed at a place, mm; the underside's are half a pitch further on. */
    double depthAt(double x, double y, boolean underside);
  }

  @Override
  public Bars of(Bars bars) {
    Section flat = bars.section().resized(bars.widthMm(), after.height());
    return bars.withSection(Section.wrought(flat.up(), flat.across(), flat))
        .withFill(1)
        .withLength(after.length());
  }

  @Override
  public List<InverseMap> back() {
    return List.of(
        LinearStretch.scale(before.length() / after.length(), before.width() / after.width(), 1),
        this::filled);
  }

  private void filled(Point p) {
    double top = hollows.depthAt(p.x, p.y, false);
    double under = bothFaces ? hollows.depthAt(p.x, p.y, true) : 0;
    p.z =
        moved
            ? (plane() + p.z - risen(under)) * before.height() / pressed(top, under)
            : under + p.z / after.height() * (before.height() - top - under);
  }

  /** What is ground off the underside where both faces were pressed, mm. */
  private double plane() {
    return bothFaces ? (before.height() - after.height()) / 2 : 0;
  }

  private double risen(double under) {
    return bothFaces ? under - meanMm : 0;
  }

  /** Height of a column of steel after the press and before it is ground. */
  private double pressed(double top, double under) {
    return before.height() - (top - meanMm) - risen(under);
  }

  @Override
  public boolean forward(Point p) {
    double top = hollows.depthAt(p.x, p.y, false);
    double under = bothFaces ? hollows.depthAt(p.x, p.y, true) : 0;
    p.z =
        moved
            ? p.z * pressed(top, under) / before.height() + risen(under) - plane()
            : (p.z - under) * after.height() / (before.height() - top - under);
    p.x *= after.length() / before.length();
    p.y *= after.width() / before.width();
    return Inside.of(p, after);
  }

  @Override
  public Destination forward(Box box) {
    return Destination.here(box.anywhereAcross(before.length(), after));
  }

  @Override
  public VolumeRange localVolume() {
    double gone = 1 - after.height() / before.height();
    return new VolumeRange(1 - gone, 1 + gone);
  }

  @Override
  public boolean keepsLayersFlat() {
    return false;
  }
}
