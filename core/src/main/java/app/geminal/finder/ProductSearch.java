package app.geminal.finder;

import app.geminal.schedule.Bounds;
import app.geminal.schedule.CountKind;
import app.geminal.schedule.FinderQuestion;
import java.util.BitSet;

/**
 * Where the count at the saw is asked for and nothing is laid between, it is pieces times cuts, and
 * arithmetic says which branches can end within it before a bar is drawn for them.
 */
final class ProductSearch {
  /** More layers than this are not used; no one asks for a million at the saw. */
  private static final long MOST_COUNTED = 1_000_000;

  private final long least;
  private final long most;

  /** Products of so many cuts and fewer, no cut included. */
  private final BitSet[] of;

  ProductSearch(Bounds bounds, long least, long most) {
    this.least = least;
    this.most = most;
    int highest = (int) Math.min(most, MOST_COUNTED);
    of = new BitSet[bounds.mostRestacks() + 1];
    of[0] = new BitSet();
    of[0].set(1);
    for (int restacks = 1; restacks < of.length; restacks++) {
      BitSet fewer = of[restacks - 1];
      BitSet more = (BitSet) fewer.clone();
      for (int n = fewer.nextSetBit(0); n >= 0; n = fewer.nextSetBit(n + 1)) {
        for (int cut = bounds.folds() ? 2 : bounds.fewestCut(); cut <= bounds.mostCut(); cut++) {
          if ((long) n * cut <= highest) {
            more.set(n * cut);
          }
        }
      }
      of[restacks] = more;
    }
  }

  /** Whether the question is of that kind. */
  static boolean suit(FinderQuestion question) {
    return question.aim().counted() == CountKind.SHOP
        && question.insert() == null
        && question.core().isEmpty()
        && question.aim().most() <= MOST_COUNTED;
  }

  /** Whether a bar of so many layers, cut up so often or less, can end within the count. */
  boolean reach(long shop, int restacks) {
    int product = of[restacks].nextSetBit((int) ((least + shop - 1) / shop));
    return product >= 0 && product * shop <= most;
  }
}
