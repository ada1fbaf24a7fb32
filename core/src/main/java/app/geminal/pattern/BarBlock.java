package app.geminal.pattern;

import java.util.List;
import java.util.Optional;

/**
 * Bars laid together, up on each other or side by side: the end of one chain and the beginning of
 * others.
 */
final class BarBlock implements End {
  private final boolean up;
  private final double[] from;
  private final Member[] members;

  /**
   * @param up whether they lie on each other
   * @param sizes of each along that line, mm
   * @param members in the same order
   */
  BarBlock(boolean up, List<Double> sizes, List<Member> members) {
    this.up = up;
    this.members = members.toArray(Member[]::new);
    this.from = new double[sizes.size()];
    for (int i = 1; i < from.length; i++) {
      from[i] = from[i - 1] + sizes.get(i - 1);
    }
  }

  /**
   * One bar or sheet of it.
   *
   * @param chain its own history
   * @param firstBar which of its equal bars is in the first block
   * @param barsPerBlock how many of them each block takes
   * @param skipY gone from its left before it came to lie here, mm
   * @param skipZ gone from its underside, mm
   * @param turning which way it is
   * @param shims on top of it
   */
  record Member(
      Chain chain,
      int firstBar,
      int barsPerBlock,
      double skipY,
      double skipZ,
      Reorientation turning,
      Optional<FlatLayers> shims) {

    private void land(Point p) {
      p.y += skipY;
      p.z += skipZ;
      if (p.z > turning.heightMm() && shims.isPresent()) {
        p.z -= turning.heightMm();
        p.through(-1);
        shims.get().land(p);
        return;
      }
      turning.back(p);
      p.bar = firstBar + p.bar * barsPerBlock;
      chain.land(p);
    }
  }

  @Override
  public void land(Point p) {
    double at = up ? p.z : p.y;
    int low = 0;
    int high = members.length - 1;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (from[middle] <= at) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    p.through(low);
    if (up) {
      p.z -= from[low];
    } else {
      p.y -= from[low];
    }
    members[low].land(p);
  }
}
