package app.geminal.geometry;

import app.geminal.bar.Bars;
import java.util.List;

/**
 * A change of bars by themselves: nothing is laid to them. Open, for kinds of steps that are at
 * home in other packages.
 */
public non-sealed interface BarChange extends ShapeChange {

  /** The bars afterwards. */
  Bars of(Bars bars);

  /** Takes a point of the result to where it was before: these, one after the other. */
  List<InverseMap> back();

  /**
   * Moves a point of the bars before to where it is afterwards.
   *
   * @return false where that steel is gone, or left with bars set aside; the point is then anywhere
   */
  boolean forward(Point p);

  /** Where the steel in a box of the bars before is: in boxes that hold it, cut to the bar. */
  Destination forward(Box box);

  /**
   * How much steel is stretched or squeezed from place to place.
   *
   * @return volume of a small piece before over its volume afterwards, from the least to the most;
   *     both 1 where every piece keeps its volume
   */
  default VolumeRange localVolume() {
    return VolumeRange.KEPT;
  }

  /** Whether layers that were flat still are. */
  boolean keepsLayersFlat();
}
