package app.geminal.finder;

import app.geminal.operation.Work;
import app.geminal.schedule.Cost;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.Restacking;
import app.geminal.schedule.Schedule;
import app.geminal.schedule.SearchLimits;
import app.geminal.schedule.StartStack;
import app.geminal.schedule.TaskMinutes;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Draws the last block of a schedule to the finished size, says what the whole thing costs, and
 * offers it where it keeps to the limits. Not for threads.
 */
final class Ending {
  static final int BURNT = -1;
  static final int DEEPER = -2;

  private static final double ROUNDING_MM = 1e-9;

  private final SearchContext context;
  private final FinderQuestion question;
  private final CountReach reach;
  private final Lengths lengths;
  private final Shortlist shortlist;
  private final ExclusionTally tally;
  private final FinalDraw draw;
  private final boolean lengthIsGiven;

  private Optional<StartStack> start = Optional.empty();
  private OptionalDouble givenMm = OptionalDouble.empty();
  private double kgPerMm;

  Ending(
      SearchContext context,
      CountReach reach,
      Lengths lengths,
      Shortlist shortlist,
      ExclusionTally tally) {
    this.context = context;
    this.question = context.question;
    this.reach = reach;
    this.lengths = lengths;
    this.shortlist = shortlist;
    this.tally = tally;
    this.draw = new FinalDraw(context);
    this.lengthIsGiven = question.from().givesLength();
  }

  void begin(Optional<StartStack> newStart, OptionalDouble lengthMm, double newKgPerMm) {
    start = newStart;
    givenMm = lengthMm;
    kgPerMm = newKgPerMm;
  }

  /**
   * How many layers of a block are left when it is drawn to the finished size.
   *
   * @param widthMm of the block
   * @param heightMm of the block
   * @param isLoose whether it is set first
   * @param layers of the block
   * @param bottom whose lowest layers are the block's
   * @param top whose highest layers are the block's, unless {@code topIsOver}: then the lowest
   * @return {@link #BURNT} where nothing is left, {@link #DEEPER} where more would go than {@code
   *     bottom} or {@code top} have, so that the block must be filled in
   */
  int layersLeft(
      double widthMm,
      double heightMm,
      boolean isLoose,
      int layers,
      BarProfile bottom,
      BarProfile top,
      boolean topIsOver) {
    draw.of(widthMm, heightMm, isLoose);
    if (draw.isBurnt()) {
      return BURNT;
    }
    if (draw.takesAllOf(bottom) || draw.takesAllOf(top)) {
      return DEEPER;
    }
    double gone = draw.goneMm();
    return layers - bottom.layersIn(gone, false) - top.layersIn(gone, !topIsOver);
  }

  /** Whether so many layers of a block's are what is wanted; counts the schedule. */
  boolean isReached(int left, int layers, long shop) {
    tally.calculated();
    boolean reached = reach.isWanted(left, layers, shop);
    if (reached && draw.isThin()) {
      tally.tooThin();
    }
    return reached && !draw.isThin();
  }

  /**
   * Ends a schedule whose {@link #layersLeft} were just asked and are what is wanted.
   *
   * @param block counted, its layers perhaps not filled in
   * @param path the restacks that led here, the first {@code depth} of them
   */
  void end(int depth, BlockProfile block, int left, Restacking[] path) {
    double lengthA = block.a;
    double lengthB = block.b;
    if (block.loose) {
      lengths.weld(depth, block);
      block.set(context);
      lengthA *= context.setSpreads;
      lengthB = (lengthB + 2 * context.setSkinMm) * context.setSpreads;
    }
    double longer = draw.longer();
    lengthA *= longer;
    lengthB = (lengthB + 2 * draw.skinMm()) * longer;
    lengths.longest(depth, lengthA, lengthB);
    lengthB += 2 * context.defaults.endTrimMm();
    block.forceKn = Math.max(block.forceKn, draw.forceKn());
    block.drawHeats += draw.heats();
    reached(depth, block, left, lengthA, lengthB, path);
  }

  private void reached(
      int depth,
      BlockProfile block,
      int layers,
      double lengthA,
      double lengthB,
      Restacking[] path) {
    double startMm = startMm(depth, block, lengthA, lengthB);
    double finishedMm = lengthA * startMm - lengthB;
    double kg = (kgPerMm + block.sheetA) * startMm - block.sheetB;
    LimitFigures reached = measured(depth, block, startMm, finishedMm, kg);
    if (!reached.satisfies(question)) {
      tally.ruledOut(reached, question);
      return;
    }
    tally.keeping();
    TaskMinutes work =
        TaskMinutes.of(
            context.taskTimes,
            context.defaults,
            block.faces,
            new Work(
                block.welds,
                block.welds * context.setMin,
                block.drawHeats,
                block.cools + 1,
                block.cuts + context.trimCuts));
    Cost cost =
        Cost.of(
            block.welds,
            block.faces,
            lengthIsGiven,
            kg,
            finishedMm,
            work.minutes(),
            lengths.chance(context.chance, depth, block.welds, startMm),
            question.aim().distance(reach.countsVisible() ? layers : block.shop),
            block.coarsePercent());
    shortlist.offer(
        cost,
        () -> new Candidate(schedule(depth, path), startMm, layers, cost, question.blockMm()));
  }

  private Schedule schedule(int depth, Restacking[] path) {
    return new Schedule(start, Arrays.asList(path).subList(0, depth));
  }

  private double startMm(int depth, BlockProfile block, double lengthA, double lengthB) {
    SearchLimits within = question.within();
    if (givenMm.isEmpty()) {
      double leastMm = (question.finished().lengthMm() + lengthB) / lengthA;
      return lengths.neededMm(depth, leastMm, within.shortestMm());
    }
    if (start.isEmpty()) {
      return givenMm.getAsDouble();
    }
    double heaviestMm = (within.heaviestKg() + block.sheetB) / (kgPerMm + block.sheetA);
    return lengths.mostMm(depth, Math.min(givenMm.getAsDouble(), heaviestMm), within);
  }

  /** The finest layer, drawn to the size that is ground to the finished one. */
  private double finestMm(BlockProfile block) {
    double drawnMm = question.finished().heightMm() + 2 * context.defaults.finishGrindMm();
    return block.finestMm * drawnMm / (block.heightMm - 2 * draw.goneMm());
  }

  private LimitFigures measured(
      int depth, BlockProfile block, double startMm, double finishedMm, double kg) {
    double shortest = lengths.shortestPieceMm(depth, startMm);
    return new LimitFigures(
        block.tallestMm,
        lengths.longestMm(depth, startMm),
        kg,
        (start.isPresent() ? Math.min(startMm, shortest) : shortest) + ROUNDING_MM,
        block.outerMm,
        block.wideMm,
        block.highMm,
        block.coarsePercent(),
        finestMm(block) + ROUNDING_MM,
        block.forceKn,
        finishedMm + ROUNDING_MM);
  }
}
