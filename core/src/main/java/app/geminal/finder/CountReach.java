package app.geminal.finder;

import app.geminal.schedule.Bounds;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinderQuestion;
import org.jspecify.annotations.Nullable;

/**
 * Which counts can still end as what is wanted. Two rules of sense stand here too: a restack must
 * make sixteen layers of every ten there were, and drawing out to the finished size must leave nine
 * in ten. Not for threads.
 */
final class CountReach {
  /** A restack leaves at least so many times the layers there were. */
  static final double LEAST_GAIN = 1.6;

  /** Of the last block's layers the finished bar keeps at least this part. */
  private static final double LEAST_KEPT = 0.9;

  private final boolean countsVisible;
  private final long least;
  private final long most;
  private final int mostCut;
  private final boolean hasCore;
  private final int coreSheets;
  private final int insertSheets;
  private final @Nullable ProductSearch products;

  /** More than this cannot end within the count any more, by the restacks still to come. */
  private final double[] mostBefore = new double[Bounds.MOST_RESTACKS + 1];

  private int fewestRestacks;
  private int mostRestacks;

  CountReach(SearchContext context) {
    FinderQuestion question = context.question;
    countsVisible = question.aim().counted() == CountKind.VISIBLE;
    least = question.aim().least();
    most = question.aim().most();
    mostCut = Math.max(2, question.bounds().mostCut());
    hasCore = !context.core.isEmpty();
    coreSheets = context.core.size();
    insertSheets = context.insert.size();
    products = context.products;
    for (int restacks = 0; restacks < mostBefore.length; restacks++) {
      mostBefore[restacks] =
          countsVisible
              ? most / LEAST_KEPT / Math.pow(LEAST_GAIN, restacks)
              : most / Math.pow(2, restacks);
    }
  }

  /** From now on schedules of so many restacks are wanted. */
  void begin(int fewest, int newMost) {
    fewestRestacks = fewest;
    mostRestacks = newMost;
  }

  /** What is counted of so many layers. */
  double counted(int layers, long shop) {
    return countsVisible ? layers : shop;
  }

  boolean countsVisible() {
    return countsVisible;
  }

  /** More than this at a depth cannot end within the count any more. */
  double mostAt(int depth) {
    return mostBefore[Math.max(0, fewestRestacks - depth)];
  }

  /** The same where it does not end there. */
  double mostBelow(int depth) {
    return mostBefore[Math.max(1, fewestRestacks - depth)];
  }

  /** Whether a bar of so many layers at the saw, at a depth, can end within the count. */
  boolean isWorthDrawing(long shop, int depth) {
    return products == null || products.reach(shop, mostRestacks - depth);
  }

  /** Whether at most so many layers at a depth end with too few, whatever is done. */
  boolean isTooFew(int layers, long shop, int depth) {
    double highest = counted(layers, shop);
    for (int i = depth; i < mostRestacks; i++) {
      boolean last = i == mostRestacks - 1 && hasCore;
      highest = last ? 2 * highest + coreSheets : mostCut * highest + (mostCut - 1) * insertSheets;
    }
    return highest < least;
  }

  /** Whether a block with so many layers can end within the count at all. */
  boolean canEnd(int layers, long shop) {
    if (!countsVisible) {
      return shop >= least && shop <= most;
    }
    return layers >= least && layers * LEAST_KEPT <= most;
  }

  /** Whether so many layers, left of a block's, are what is wanted. */
  boolean isWanted(int left, int layers, long shop) {
    double count = counted(left, shop);
    return count >= least && count <= most && left >= LEAST_KEPT * layers;
  }
}
