package app.geminal.schedule;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * Passes through every schedule of so many restacks from one start, to its end: a compact form of
 * the ledger for flat layers, by the same rules as {@link SchedulePlan} makes a plan, layers one by
 * one in arrays. Sections do not depend on lengths, so counts are known first and the length of the
 * start is chosen at the end, exactly.
 *
 * <p>Two rules of sense cut a branch off: a restack must make sixteen layers of every ten there
 * were, and drawing out to the finished size must leave nine in ten. All else that is cut off
 * cannot end within the count.
 *
 * <p>Not for threads: one walk for each.
 */
final class ScheduleWalk {
  /** A restack leaves at least so many times the layers there were. */
  static final double LEAST_GAIN = 1.6;

  private static final Restacking FOLD = new Restacking.Refold();
  private static final Restacking[] ROUND_CORE = {
    new Restacking.RoundCore(false), new Restacking.RoundCore(true)
  };

  /** Every cut there is, made once: by pieces, then turned (1), with a sheet (2), both (3). */
  private static final Restacking[][] RECUT = recuts();

  private final SearchContext r;
  private final Bounds bounds;
  private final Ending ending;
  private final BooleanSupplier shouldContinue;
  private final ExclusionTally tally;
  private final @Nullable ProductSearch products;
  private final double mostCoarse;
  private final boolean countsVisible;
  private final long leastWanted;
  private final long mostWanted;

  /** More than this cannot end within the count any more, by the restacks still to come. */
  private final double[] mostBefore = new double[Bounds.MOST_RESTACKS + 1];

  private final BlockProfile[] blocks = new BlockProfile[Bounds.MOST_RESTACKS + 1];
  private final BarProfile[] set = new BarProfile[Bounds.MOST_RESTACKS + 1];
  private final Pieces[] pieces = new Pieces[Bounds.MOST_RESTACKS + 1];
  private final BarProfile whole = new BarProfile();
  private final Restacking[] path = new Restacking[Bounds.MOST_RESTACKS];

  private int fewest;
  private int most;
  private long workLeft;
  private boolean isStopped;

  ScheduleWalk(
      SearchContext r, Shortlist shortlist, ExclusionTally tally, BooleanSupplier shouldContinue) {
    this.r = r;
    this.bounds = r.question.bounds();
    this.ending = new Ending(r, shortlist, tally);
    this.shouldContinue = shouldContinue;
    this.tally = tally;
    this.products = r.products;
    this.mostCoarse = r.question.within().coarsePercent();
    this.countsVisible = r.question.aim().counted() == CountKind.VISIBLE;
    this.leastWanted = r.question.aim().least();
    this.mostWanted = r.question.aim().most();
    for (int restacks = 0; restacks < mostBefore.length; restacks++) {
      mostBefore[restacks] = bound(restacks);
    }
    for (int i = 0; i < blocks.length; i++) {
      blocks[i] = new BlockProfile();
      set[i] = new BarProfile();
      pieces[i] = new Pieces();
    }
  }

  private static Restacking[][] recuts() {
    Restacking[][] all = new Restacking[Bounds.MOST_CUT + 1][4];
    for (int count = 2; count <= Bounds.MOST_CUT; count++) {
      for (int i = 0; i < 4; i++) {
        all[count][i] = new Restacking.Recut(count, i % 2 == 1, i >= 2);
      }
    }
    return all;
  }

  /**
   * All schedules of some numbers of restacks from a stack.
   *
   * @param lengthMm where it is given, else as long as needed
   * @param fewestRestacks ways with fewer are left out
   * @param mostRestacks ways with more are left out
   * @param work how much may be done: about one for each bar drawn down and each 64 layers of it
   * @return false when the work was used up, or no one waits for it any more
   */
  boolean from(
      StartStack start, OptionalDouble lengthMm, int fewestRestacks, int mostRestacks, long work) {
    ending.begin(Optional.of(start), lengthMm, r.kgPerMm(start));
    return go(() -> blocks[0].begin(r, start), fewestRestacks, mostRestacks, work);
  }

  /** The same from a bar that is there. */
  boolean from(StartingSteel.Bar there, int fewestRestacks, int mostRestacks, long work) {
    double length = there.bars().lengthMm();
    double kg = there.bars().amount().massKg(r.steels);
    ending.begin(Optional.empty(), OptionalDouble.of(length), kg / length);
    return go(() -> blocks[0].begin(r, there), fewestRestacks, mostRestacks, work);
  }

  private boolean go(Runnable begin, int fewestRestacks, int mostRestacks, long work) {
    fewest = fewestRestacks;
    most = mostRestacks;
    workLeft = work;
    isStopped = false;
    if (fewest == 0 && r.core.isEmpty()) {
      begin.run();
      endFilled(0);
    }
    if (most > 0) {
      begin.run();
      if (isWorthDrawing(blocks[0].shop, 0)) {
        at(0);
      }
    }
    return !isStopped;
  }

  /** Everything that can be done with the block at a depth. */
  private void at(int depth) {
    BlockProfile block = blocks[depth];
    BarProfile there = set[depth];
    there.of(block);
    if (block.loose) {
      ending.noteWeld(depth, block);
      block.set(r);
      if (!there.weld(r)) {
        return;
      }
    }
    if (!r.core.isEmpty() && depth + 1 >= fewest) {
      roundCore(depth);
    }
    if (!r.core.isEmpty() && depth + 1 == most) {
      return;
    }
    boolean tooMany = false;
    for (int count = bounds.fewestCut(); count <= bounds.mostCut() && !tooMany; count++) {
      tooMany = recut(depth, count) || isStopped;
    }
    if (bounds.folds()) {
      fold(depth);
    }
  }

  /** Draws the bar down for so many pieces and trims it; false when it burns away. */
  private boolean drawn(int depth, int count) {
    BarProfile bar = pieces[depth].bar;
    workLeft -= 1 + blocks[depth].layers / 64;
    isStopped |= workLeft <= 0 || !shouldContinue.getAsBoolean();
    bar.of(set[depth]);
    if (isStopped || !bar.drawDown(r, r.barMm[count])) {
      return false;
    }
    ending.noteBar(depth, bar);
    bar.trim(r.defaults.endTrimMm());
    return true;
  }

  /** Cuts into so many; true when they make too many layers already, as more of them would. */
  private boolean recut(int depth, int count) {
    if (!isWorthDrawing(blocks[depth].shop * count, depth + 1) || !cut(depth, count)) {
      return false;
    }
    Pieces cut = pieces[depth];
    int least = cut.leastUnmerged() - count + 1;
    double bound = r.core.isEmpty() ? mostAt(depth + 1) : mostToGoOn(depth + 1);
    if (counted(least, blocks[depth].shop * count) > bound) {
      return true;
    }
    for (int turned = 0; turned < turns(depth); turned++) {
      lay(depth, RECUT[count][turned], turned == 1, List.of());
      if (!r.insert.isEmpty()) {
        lay(depth, RECUT[count][turned + 2], turned == 1, r.insert);
      }
    }
    return false;
  }

  /** Whether a bar of so many layers at the saw, restacked so often, can end within the count. */
  private boolean isWorthDrawing(long shop, int depth) {
    return products == null || products.reach(shop, most - depth);
  }

  private void roundCore(int depth) {
    if (cut(depth, 2)) {
      for (int turned = 0; turned < turns(depth); turned++) {
        lay(depth, ROUND_CORE[turned], turned == 1, r.core);
      }
    }
  }

  /** A block that looks the same turned over need not be turned. */
  private int turns(int depth) {
    return blocks[depth].symmetric || !bounds.turned() ? 1 : 2;
  }

  /** Draws the bar down, cuts it and grinds the pieces; false when nothing is left of them. */
  private boolean cut(int depth, int count) {
    Pieces cut = pieces[depth];
    if (!drawn(depth, count)) {
      return false;
    }
    cut.bar.cut(count, r.defaults.kerfMm());
    return cut.ground(count, r.defaults.faceGrindMm());
  }

  private void fold(int depth) {
    Pieces folded = pieces[depth];
    if (drawn(depth, 2)) {
      folded.bar.fold(SchedulePlan.foldEndMm(folded.bar.heightMm));
      folded.ground(2, 0);
      lay(depth, FOLD, true, List.of());
    }
  }

  /**
   * Lays the pieces of a depth on each other as the block of the next one; ends there, and
   * continues from there.
   */
  private void lay(
      int depth, Restacking restacking, boolean turned, List<SearchContext.Sheet> between) {
    BlockProfile before = blocks[depth];
    Pieces laid = pieces[depth];
    int count = restacking.pieces();
    int next = depth + 1;
    long shop = before.shop * count + (long) between.size() * (count - 1);
    int layers = laid.layers(turned, between);
    if (layers < LEAST_GAIN * before.layers) {
      return;
    }
    boolean round = restacking instanceof Restacking.RoundCore;
    double scale = laid.bar.scale();
    // A core is meant to be broad: it is the edge.
    double coarse = count * before.coarseMm * scale;
    if (!round && !between.isEmpty()) {
      double broad = BlockProfile.COARSE_TIMES * before.medianMm * scale;
      coarse += laid.broadMm(turned, between.getFirst(), broad);
    }
    double coarsePercent = 100 * coarse / laid.heightMm(turned, between);
    boolean canEnd = next >= fewest && (round || r.core.isEmpty()) && ending.isWithin(layers, shop);
    boolean canGo =
        !round
            && next < most
            && counted(layers, shop) <= mostToGoOn(next)
            && !isTooFew(layers, shop, next)
            && !isFutile(depth, turned, layers, shop);
    if (!canEnd && !canGo) {
      return;
    }
    if (coarsePercent > mostCoarse) {
      // Further restacks of the same pieces make it no finer.
      if (canEnd) {
        tally.tooCoarse(coarsePercent);
      }
      return;
    }
    BlockProfile block = blocks[next];
    path[depth] = restacking;
    block.coarseMm = coarse;
    block.medianMm = before.medianMm * scale;
    block.finestMm = before.finestMm * scale;
    for (SearchContext.Sheet sheet : between) {
      block.finestMm = Math.min(block.finestMm, sheet.mm());
    }
    if (canEnd) {
      end(depth, turned, between, layers, shop);
    }
    if (canGo) {
      laid.layInto(block, turned, between);
      fill(depth, turned, between, shop);
      at(next);
    }
  }

  /** Whether even two pieces of the new block would be too many; asked before it is filled in. */
  private boolean isFutile(int depth, boolean turned, int layers, long shop) {
    BarProfile bottom = pieces[depth].at(0, turned);
    BarProfile top = pieces[depth].last(turned);
    if (!countsVisible) {
      return 2 * shop > mostAt(depth + 2);
    }
    if (2 * layers - 1 <= mostAt(depth + 2)
        || r.mostOffMm >= Math.min(bottom.heightMm, top.heightMm)) {
      return false;
    }
    int lost =
        bottom.layersIn(r.mostOffMm, false)
            + top.layersIn(r.mostOffMm, !pieces[depth].isLastOver(turned));
    return 2 * (layers - lost) - 1 > mostAt(depth + 2);
  }

  /** What it took to the block of the next depth. */
  private void fill(int depth, boolean turned, List<SearchContext.Sheet> between, long shop) {
    BlockProfile before = blocks[depth];
    BlockProfile block = blocks[depth + 1];
    Pieces laid = pieces[depth];
    int count = path[depth].pieces();
    int joints = (count - 1) * (1 + between.size());
    block.follow(r, before, laid.bar, joints, count - 1 + r.trimCuts);
    block.shop = shop;
    block.symmetric = before.symmetric || (turned && count % 2 == 0);
    block.addSheets(count - 1, between);
    if (!(path[depth] instanceof Restacking.Refold)) {
      block.outerMm = Math.min(block.outerMm, laid.outerLayerMm());
    }
    ending.notePieces(depth, laid.bar);
  }

  /** Ends with the block of the next depth; its layers are filled in only where they must be. */
  private void end(
      int depth, boolean turned, List<SearchContext.Sheet> between, int layers, long shop) {
    Pieces laid = pieces[depth];
    BlockProfile block = blocks[depth + 1];
    double height = laid.heightMm(turned, between);
    int left =
        ending.layersLeft(
            laid.bar.widthMm,
            height,
            true,
            layers,
            laid.at(0, turned),
            laid.last(turned),
            laid.isLastOver(turned));
    if (left == Ending.DEEPER) {
      laid.layInto(block, turned, between);
      fill(depth, turned, between, shop);
      endFilled(depth + 1);
    } else if (left != Ending.BURNT && ending.isReached(left, layers, shop)) {
      fill(depth, turned, between, shop);
      block.heightMm = height;
      ending.end(depth + 1, block, left, path);
    }
  }

  /** Ends with a block whose layers are filled in. */
  private void endFilled(int depth) {
    BlockProfile block = blocks[depth];
    whole.of(block);
    int left =
        ending.layersLeft(
            block.widthMm, block.heightMm, block.loose, block.layers, whole, whole, false);
    if (left >= 0 && ending.isReached(left, block.layers, block.shop)) {
      ending.end(depth, block, left, path);
    }
  }

  /** So many layers, restacked so often, can still end within the count. */
  private double bound(int restacks) {
    return countsVisible
        ? mostWanted / Ending.LEAST_KEPT / Math.pow(LEAST_GAIN, restacks)
        : mostWanted / Math.pow(2, restacks);
  }

  /** More than this at a depth cannot end within the count any more. */
  private double mostAt(int depth) {
    return mostBefore[Math.max(0, fewest - depth)];
  }

  /** The same where it does not end there. */
  private double mostToGoOn(int depth) {
    return mostBefore[Math.max(1, fewest - depth)];
  }

  private double counted(int layers, long shop) {
    return countsVisible ? layers : shop;
  }

  /** Whether at most so many layers at a depth end with too few, whatever is done. */
  private boolean isTooFew(int layers, long shop, int depth) {
    int cut = Math.max(2, bounds.mostCut());
    double highest = counted(layers, shop);
    for (int i = depth; i < most; i++) {
      boolean last = i == most - 1 && !r.core.isEmpty();
      highest = last ? 2 * highest + r.core.size() : cut * highest + (cut - 1) * r.insert.size();
    }
    return highest < leastWanted;
  }
}
