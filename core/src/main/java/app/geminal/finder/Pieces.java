package app.geminal.finder;

import java.util.List;

/**
 * Equal pieces of a bar, ground where they meet: the lowest on top, the highest at the bottom, all
 * between on both faces. Mutable; one lives at each depth of a walk.
 */
final class Pieces {
  private static final double LEAST_LEFT_MM = 0.01;

  final BarProfile bar = new BarProfile();
  private final BarProfile lowest = new BarProfile();
  private final BarProfile middle = new BarProfile();
  private final BarProfile highest = new BarProfile();
  private int count;

  /** Grinds so many pieces of {@link #bar}, as it is now; false when nothing is left of them. */
  boolean ground(int pieces, double faceMm) {
    count = pieces;
    if (faceMm > 0 && bar.heightMm - 2 * faceMm < LEAST_LEFT_MM) {
      return false;
    }
    lowest.of(bar);
    highest.of(bar);
    if (faceMm > 0) {
      lowest.lower(faceMm);
      highest.raise(faceMm);
    }
    middle.of(highest);
    if (faceMm > 0) {
      middle.lower(faceMm);
    }
    return true;
  }

  /** The piece as it is ground for its place: turned over, a bar shows its top to the one below. */
  BarProfile at(int i, boolean turned) {
    if (i == 0) {
      return lowest;
    }
    if (i < count - 1) {
      return middle;
    }
    return isOver(i, turned) ? lowest : highest;
  }

  static boolean isOver(int i, boolean turned) {
    return turned && i % 2 == 1;
  }

  BarProfile last(boolean turned) {
    return at(count - 1, turned);
  }

  boolean isLastOver(boolean turned) {
    return isOver(count - 1, turned);
  }

  /**
   * At least so many layers before any merge; a piece turned over at the top is the lowest kind.
   */
  int leastUnmerged() {
    return unmerged(Math.min(lowest.layers(), highest.layers()));
  }

  private int mostUnmerged() {
    return unmerged(Math.max(lowest.layers(), highest.layers()));
  }

  private int unmerged(int last) {
    return lowest.layers() + (count - 2) * middle.layers() + last;
  }

  /** Layers of the block they make. */
  int layers(boolean turned, List<SearchContext.Sheet> between) {
    BarProfile last = last(turned);
    boolean lastOver = isLastOver(turned);
    if (count == 2) {
      return lowest.layers() + last.layers() + joint(lowest, false, last, lastOver, between);
    }
    // The joints of the middle are of one kind, or of two in turn where bars are turned over.
    int up = joint(middle, false, middle, turned, between);
    int down = joint(middle, turned, middle, false, between);
    int inner = count - 3;
    return lowest.layers()
        + (count - 2) * middle.layers()
        + last.layers()
        + joint(lowest, false, middle, turned, between)
        + (inner + 1) / 2 * down
        + inner / 2 * up
        + joint(middle, isOver(count - 2, turned), last, lastOver, between);
  }

  /** Layers a joint adds, below 0 where faces merge. */
  private static int joint(
      BarProfile low,
      boolean lowOver,
      BarProfile high,
      boolean highOver,
      List<SearchContext.Sheet> between) {
    int below = lowOver ? low.bottomSteel() : low.topSteel();
    int above = highOver ? high.topSteel() : high.bottomSteel();
    int layers = 0;
    for (int i = 0; i < between.size(); i++) {
      int sheet = between.get(i).steel();
      layers += sheet == below ? 0 : 1;
      below = sheet;
    }
    return layers - (below == above ? 1 : 0);
  }

  /** Height of the block they make. */
  double heightMm(boolean turned, List<SearchContext.Sheet> between) {
    double height = lowest.heightMm + (count - 2) * middle.heightMm + last(turned).heightMm;
    for (SearchContext.Sheet sheet : between) {
      height += (count - 1) * sheet.mm();
    }
    return height;
  }

  /**
   * Height of sheets broader than {@code broadMm} with the layers of their own steel that they
   * touch and are one with.
   */
  double broadMm(boolean turned, SearchContext.Sheet sheet, double broadMm) {
    double sum = 0;
    for (int i = 1; i < count; i++) {
      BarProfile below = at(i - 1, turned);
      BarProfile above = at(i, turned);
      boolean belowOver = isOver(i - 1, turned);
      boolean aboveOver = isOver(i, turned);
      double band = sheet.mm();
      if ((belowOver ? below.bottomSteel() : below.topSteel()) == sheet.steel()) {
        band += belowOver ? below.lowestMm() : below.highestMm();
      }
      if ((aboveOver ? above.topSteel() : above.bottomSteel()) == sheet.steel()) {
        band += aboveOver ? above.highestMm() : above.lowestMm();
      }
      sum += band > broadMm ? band : 0;
    }
    return sum;
  }

  /** Lays them on each other. */
  void layInto(BlockProfile block, boolean turned, List<SearchContext.Sheet> between) {
    block.empty(mostUnmerged() + between.size() * (count - 1) + 1);
    for (int i = 0; i < count; i++) {
      if (i > 0) {
        for (SearchContext.Sheet sheet : between) {
          block.add(sheet.steel(), sheet.mm());
        }
      }
      at(i, turned).layOn(block, isOver(i, turned));
    }
    block.heightMm = heightMm(turned, between);
  }

  /** What is left of the outer layer at the worse of the two ground faces; 0 where it is gone. */
  double outerLayerMm() {
    return Math.min(highest.bottomLayerMm(bar), lowest.topLayerMm(bar));
  }
}
