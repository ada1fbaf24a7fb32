package app.geminal.finder;

import app.geminal.schedule.Bounds;
import app.geminal.schedule.Restacking;
import app.geminal.schedule.SchedulePlan;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.StartingSteel;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BooleanSupplier;

/**
 * Passes through every schedule of so many restacks from one start, to its end: a compact form of
 * the ledger for flat layers, by the same rules as {@link SchedulePlan} makes a plan, layers one by
 * one in arrays. Sections do not depend on lengths, so counts are known first and the length of the
 * start is chosen at the end, exactly.
 *
 * <p>What is cut off cannot end within the count, or breaks a rule of sense of {@link CountReach}.
 *
 * <p>Not for threads: one walk for each.
 */
final class ScheduleWalk {
  private static final Restacking FOLD = new Restacking.Refold();
  private static final Restacking[] ROUND_CORE = {
    new Restacking.RoundCore(false), new Restacking.RoundCore(true)
  };

  /** Every cut there is, made once: by pieces, then turned (1), with a sheet (2), both (3). */
  private static final Restacking[][] RECUT = recuts();

  private final SearchContext context;
  private final Bounds bounds;
  private final CountReach reach;
  private final Lengths lengths = new Lengths();
  private final Ending ending;
  private final BooleanSupplier shouldContinue;
  private final ExclusionTally tally;
  private final double mostCoarse;

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
      SearchContext context,
      Shortlist shortlist,
      ExclusionTally tally,
      BooleanSupplier shouldContinue) {
    this.context = context;
    this.bounds = context.question.bounds();
    this.reach = new CountReach(context);
    this.ending = new Ending(context, reach, lengths, shortlist, tally);
    this.shouldContinue = shouldContinue;
    this.tally = tally;
    this.mostCoarse = context.question.within().coarsePercent();
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
    ending.begin(Optional.of(start), lengthMm, context.kgPerMm(start));
    return walk(() -> blocks[0].begin(context, start), fewestRestacks, mostRestacks, work);
  }

  /** The same from a bar that is there. */
  boolean from(StartingSteel.Bar there, int fewestRestacks, int mostRestacks, long work) {
    double length = there.bars().lengthMm();
    double kg = there.bars().amount().massKg(context.steels);
    ending.begin(Optional.empty(), OptionalDouble.of(length), kg / length);
    return walk(() -> blocks[0].begin(context, there), fewestRestacks, mostRestacks, work);
  }

  private boolean walk(Runnable begin, int fewestRestacks, int mostRestacks, long work) {
    fewest = fewestRestacks;
    most = mostRestacks;
    reach.begin(fewest, most);
    workLeft = work;
    isStopped = false;
    if (fewest == 0 && context.core.isEmpty()) {
      begin.run();
      endFilled(0);
    }
    if (most > 0) {
      begin.run();
      if (reach.isWorthDrawing(blocks[0].shop, 0)) {
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
      lengths.weld(depth, block);
      block.set(context);
      if (!there.weld(context)) {
        return;
      }
    }
    if (!context.core.isEmpty() && depth + 1 >= fewest) {
      roundCore(depth);
    }
    if (!context.core.isEmpty() && depth + 1 == most) {
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
    if (isStopped || !bar.drawDown(context, context.barMm[count])) {
      return false;
    }
    lengths.longest(depth, bar.a, bar.b);
    bar.trim(context.defaults.endTrimMm());
    return true;
  }

  /** Cuts into so many; true when they make too many layers already, as more of them would. */
  private boolean recut(int depth, int count) {
    if (!reach.isWorthDrawing(blocks[depth].shop * count, depth + 1) || !cut(depth, count)) {
      return false;
    }
    Pieces cut = pieces[depth];
    int least = cut.leastUnmerged() - count + 1;
    double bound = context.core.isEmpty() ? reach.mostAt(depth + 1) : reach.mostBelow(depth + 1);
    if (reach.counted(least, blocks[depth].shop * count) > bound) {
      return true;
    }
    for (int turned = 0; turned < turns(depth); turned++) {
      lay(depth, RECUT[count][turned], turned == 1, List.of());
      if (!context.insert.isEmpty()) {
        lay(depth, RECUT[count][turned + 2], turned == 1, context.insert);
      }
    }
    return false;
  }

  private void roundCore(int depth) {
    if (cut(depth, 2)) {
      for (int turned = 0; turned < turns(depth); turned++) {
        lay(depth, ROUND_CORE[turned], turned == 1, context.core);
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
    cut.bar.cut(count, context.defaults.kerfMm());
    return cut.ground(count, context.defaults.faceGrindMm());
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
    if (layers < CountReach.LEAST_GAIN * before.layers) {
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
    boolean canEnd =
        next >= fewest && (round || context.core.isEmpty()) && reach.canEnd(layers, shop);
    boolean canContinue =
        !round
            && next < most
            && reach.counted(layers, shop) <= reach.mostBelow(next)
            && !reach.isTooFew(layers, shop, next)
            && !isFutile(depth, turned, layers, shop);
    if (!canEnd && !canContinue) {
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
    if (canContinue) {
      laid.layInto(block, turned, between);
      fill(depth, turned, between, shop);
      at(next);
    }
  }

  /** Whether even two pieces of the new block would be too many; asked before it is filled in. */
  private boolean isFutile(int depth, boolean turned, int layers, long shop) {
    BarProfile bottom = pieces[depth].at(0, turned);
    BarProfile top = pieces[depth].last(turned);
    if (!reach.countsVisible()) {
      return 2 * shop > reach.mostAt(depth + 2);
    }
    if (2 * layers - 1 <= reach.mostAt(depth + 2)
        || context.mostOffMm >= Math.min(bottom.heightMm, top.heightMm)) {
      return false;
    }
    int lost =
        bottom.layersIn(context.mostOffMm, false)
            + top.layersIn(context.mostOffMm, !pieces[depth].isLastOver(turned));
    return 2 * (layers - lost) - 1 > reach.mostAt(depth + 2);
  }

  /** What it took to the block of the next depth. */
  private void fill(int depth, boolean turned, List<SearchContext.Sheet> between, long shop) {
    BlockProfile before = blocks[depth];
    BlockProfile block = blocks[depth + 1];
    Pieces laid = pieces[depth];
    int count = path[depth].pieces();
    int joints = (count - 1) * (1 + between.size());
    block.follow(context, before, laid.bar, joints, count - 1 + context.trimCuts);
    block.shop = shop;
    block.symmetric = before.symmetric || (turned && count % 2 == 0);
    block.addSheets(count - 1, between);
    if (!(path[depth] instanceof Restacking.Refold)) {
      block.outerMm = Math.min(block.outerMm, laid.outerLayerMm());
    }
    lengths.pieces(depth, laid.bar);
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
}
