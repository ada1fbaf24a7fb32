package app.geminal.vision;

import boofcv.alg.geo.h.HomographyDirectLinearTransform;
import boofcv.struct.geo.AssociatedPair;
import java.util.List;
import java.util.stream.IntStream;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;

/**
 * The plane of a gauge card in a photograph: from places on the picture to mm on the plane and
 * back.
 */
final class Plane {
  private final Lens lens;
  private final double[] toPicture;
  private final double[] toPlane;

  private Plane(Lens lens, double[] toPicture) {
    this.lens = lens;
    this.toPicture = toPicture;
    this.toPlane = inverse(toPicture);
  }

  /**
   * The plane on which places lie as they are seen, as nearly as can be.
   *
   * @param onPlane mm; four or more, not on a line
   * @param onPicture the same, px
   */
  static Plane of(Lens lens, List<Spot> onPlane, List<Spot> onPicture) {
    List<AssociatedPair> pairs =
        IntStream.range(0, onPlane.size())
            .mapToObj(i -> {
              Spot seen = lens.straight(onPicture.get(i).x(), onPicture.get(i).y());
              Spot there = onPlane.get(i);
              return new AssociatedPair(there.x(), there.y(), seen.x(), seen.y());
            })
            .toList();
    DMatrixRMaj found = new DMatrixRMaj(3, 3);
    new HomographyDirectLinearTransform(/* normalizeInput= */ true).process(pairs, found);
    return new Plane(lens, found.data.clone());
  }

  /** Where the plane is seen on the picture, px. */
  Spot onPicture(double xMm, double yMm) {
    return lens.bent(mapped(toPicture, xMm, yMm));
  }

  /** What is seen at a place of the picture, mm. */
  Spot onPlane(double xPx, double yPx) {
    Spot straight = lens.straight(xPx, yPx);
    return mapped(toPlane, straight.x(), straight.y());
  }

  /** The same for several. */
  List<Spot> onPlane(List<Spot> px) {
    return px.stream().map(p -> onPlane(p.x(), p.y())).toList();
  }

  /** Where several places of the plane are seen, px. */
  List<Spot> onPicture(List<Spot> mm) {
    return mm.stream().map(p -> onPicture(p.x(), p.y())).toList();
  }

  /** Pixels to a mm at a place of the plane, the mean of both directions. */
  double pxPerMm(double xMm, double yMm) {
    Spot here = onPicture(xMm, yMm);
    double right = here.to(onPicture(xMm + 1, yMm));
    double down = here.to(onPicture(xMm, yMm + 1));
    return Math.sqrt(right * down);
  }

  private static Spot mapped(double[] h, double x, double y) {
    double w = h[6] * x + h[7] * y + h[8];
    return new Spot((h[0] * x + h[1] * y + h[2]) / w, (h[3] * x + h[4] * y + h[5]) / w);
  }

  private static double[] inverse(double[] m) {
    DMatrixRMaj inverse = new DMatrixRMaj(3, 3, true, m.clone());
    CommonOps_DDRM.invert(inverse);
    return inverse.data;
  }
}
