package app.geminal.schedule;

import app.geminal.operation.Work;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Sets the last block of a schedule, draws it to the finished size, and says what the whole thing
 * costs and whether it keeps to the limits. Not for threads.
 */
final class Ending {
  /** Of the last block's layers the finished bar keeps at least this part. */
  static final double LEAST_KEPT = 0.9;

  static final int BURNT = -1;
  static final int DEEPER = -2;

  private static final double LEAST_LEFT_MM = 0.01;

  /** Starts from the shelf are sawn to this. */
  private static final double STEP_MM = 0.5;

  private static final double ROUNDING_MM = 1e-9;

  private final SearchContext r;
  private final FinderQuestion question;
  private final Shortlist shortlist;
  private final ExclusionTally tally;
  private final LayerTarget aim;
  private final long leastWanted;
  private final long mostWanted;
  private final boolean countsVisible;
  private final boolean lengthIsGiven;

  private Optional<StartStack> start = Optional.empty();
  private OptionalDouble givenMm = OptionalDouble.empty();
  private double kgPerMm;

  /** Lengths of pieces and of the longest bar at each depth, {@code a·start − b}. */
  private final double[] pieceA = new double[Bounds.MOST_RESTACKS + 1];

  private final double[] pieceB = new double[Bounds.MOST_RESTACKS + 1];
  private final double[] longA = new double[Bounds.MOST_RESTACKS + 1];
  private final double[] longB = new double[Bounds.MOST_RESTACKS + 1];

  /** The blocks that are set, by depth: what their chance depends on, and lengths as above. */
  private final double[] weldMm = new double[Bounds.MOST_RESTACKS + 1];

  private final double[] weldA = new double[Bounds.MOST_RESTACKS + 1];
  private final double[] weldB = new double[Bounds.MOST_RESTACKS + 1];
  private final int[] weldJoints = new int[Bounds.MOST_RESTACKS + 1];

  /** The block last asked about; neighbours in a walk are often of one size. */
  private double blockWidth;

  private double blockHeight;
  private boolean blockIsLoose;

  /** Its size when it is set, its draw to the finished size, what both take off its height. */
  private double width;

  private double height;
  private int heats;
  private double skin;
  private boolean isThin;
  private boolean isBurnt;
  private double gone;

  Ending(SearchContext r, Shortlist shortlist, ExclusionTally tally) {
    this.r = r;
    this.question = r.question;
    this.shortlist = shortlist;
    this.tally = tally;
    this.aim = question.aim();
    this.leastWanted = aim.least();
    this.mostWanted = aim.most();
    this.countsVisible = aim.counted() == CountKind.VISIBLE;
    this.lengthIsGiven = question.from().givesLength();
  }

  void begin(Optional<StartStack> newStart, OptionalDouble lengthMm, double newKgPerMm) {
    start = newStart;
    givenMm = lengthMm;
    kgPerMm = newKgPerMm;
  }

  /** Notes how long the drawn bar is at a depth. */
  void noteBar(int depth, BarProfile bar) {
    longA[depth] = bar.a;
    longB[depth] = bar.b;
  }

  /** Notes a block that is about to be set at a depth. */
  void noteWeld(int depth, BlockProfile block) {
    weldMm[depth] = block.heightMm;
    weldA[depth] = block.a;
    weldB[depth] = block.b;
    weldJoints[depth] = block.joints;
  }

  /** Notes how long the pieces are that were cut at a depth. */
  void notePieces(int depth, BarProfile piece) {
    pieceA[depth] = piece.a;
    pieceB[depth] = piece.b;
  }

  /** Whether a block with so many layers can end within the count at all. */
  boolean isWithin(int layers, long shop) {
    if (!countsVisible) {
      return shop >= leastWanted && shop <= mostWanted;
    }
    return layers >= leastWanted && layers * LEAST_KEPT <= mostWanted;
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
    if (widthMm != blockWidth || heightMm != blockHeight || isLoose != blockIsLoose) {
      size(widthMm, heightMm, isLoose);
    }
    if (isBurnt) {
      return BURNT;
    }
    if (gone >= bottom.heightMm - LEAST_LEFT_MM || gone >= top.heightMm - LEAST_LEFT_MM) {
      return DEEPER;
    }
    return layers - bottom.layersIn(gone, false) - top.layersIn(gone, !topIsOver);
  }

  private void size(double widthMm, double heightMm, boolean isLoose) {
    blockWidth = widthMm;
    blockHeight = heightMm;
    blockIsLoose = isLoose;
    width = widthMm;
    height = heightMm;
    gone = 0;
    isBurnt = isLoose && Math.min(width, height) - 2 * r.setSkinMm <= LEAST_LEFT_MM;
    if (isBurnt) {
      return;
    }
    if (isLoose) {
      gone = r.setSkinMm;
      width = (width - 2 * r.setSkinMm) * r.setSpreads;
      height = (height - 2 * r.setSkinMm) * r.setKeeps;
    }
    heats = r.taskTimes.drawHeats(width * height, r.finishMm2);
    skin = heats * r.drawSkinMm;
    isThin =
        Math.min(width, height) - 2 * skin <= LEAST_LEFT_MM
            || r.finishMm2 > (width - 2 * skin) * (height - 2 * skin);
    if (!isThin) {
      gone += isLoose ? skin / r.setKeeps : skin;
    }
  }

  /** Whether so many layers of a block's are what is wanted; counts the schedule. */
  boolean isReached(int left, int layers, long shop) {
    tally.calculated();
    long count = countsVisible ? left : shop;
    boolean reached = count >= leastWanted && count <= mostWanted && left >= LEAST_KEPT * layers;
    if (reached && isThin) {
      tally.tooThin();
    }
    return reached && !isThin;
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
      noteWeld(depth, block);
      block.set(r);
      lengthA *= r.setSpreads;
      lengthB = (lengthB + 2 * r.setSkinMm) * r.setSpreads;
    }
    double longer = (width - 2 * skin) * (height - 2 * skin) / r.finishMm2;
    lengthA *= longer;
    lengthB = (lengthB + 2 * skin) * longer;
    longA[depth] = lengthA;
    longB[depth] = lengthB;
    lengthB += 2 * r.defaults.endTrimMm();
    block.forceKn = Math.max(block.forceKn, r.drawForceKn(width, height));
    block.drawHeats += heats;
    reached(depth, block, left, lengthA, lengthB, path);
  }

  private void reached(
      int depth,
      BlockProfile block,
      int layers,
      double lengthA,
      double lengthB,
      Restacking[] path) {
    double startMm =
        givenMm.isEmpty()
            ? neededMm(depth, lengthA, lengthB)
            : start.isPresent() ? mostMm(depth, block) : givenMm.getAsDouble();
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
            r.taskTimes,
            r.defaults,
            block.faces,
            new Work(
                block.welds,
                block.welds * r.setMin,
                block.drawHeats,
                block.cools + 1,
                block.cuts + r.trimCuts));
    Cost cost =
        Cost.of(
            block.welds,
            block.faces,
            lengthIsGiven,
            kg,
            finishedMm,
            work.minutes(),
            chance(depth, block, startMm),
            aim.distance(countsVisible ? layers : block.shop),
            block.coarsePercent());
    shortlist.offer(
        cost,
        () -> new Candidate(schedule(depth, path), startMm, layers, cost, question.blockMm()));
  }

  /** That every weld on the way holds. A bar that is there and solid was not set first. */
  private double chance(int depth, BlockProfile block, double startMm) {
    double chance = 1;
    for (int i = depth + 1 - block.welds; i <= depth; i++) {
      chance *= r.chance.of(i > 0, weldMm[i], weldA[i] * startMm - weldB[i], weldJoints[i]);
    }
    return chance;
  }

  private Schedule schedule(int depth, Restacking[] path) {
    return new Schedule(start, Arrays.asList(path).subList(0, depth));
  }

  /** The shortest start that yields the finished length and no piece too short to hold. */
  private double neededMm(int depth, double lengthA, double lengthB) {
    double shortest = question.within().shortestMm();
    double needed = Math.max(shortest, (question.finished().lengthMm() + lengthB) / lengthA);
    for (int i = 0; i < depth; i++) {
      needed = Math.max(needed, (shortest + pieceB[i]) / pieceA[i]);
    }
    return Math.max(1, Math.ceil(needed - ROUNDING_MM));
  }

  /** The longest start the shelf gives that keeps to the longest bar and the heaviest billet. */
  private double mostMm(int depth, BlockProfile block) {
    SearchLimits within = question.within();
    double most =
        Math.min(
            givenMm.getAsDouble(), (within.heaviestKg() + block.sheetB) / (kgPerMm + block.sheetA));
    for (int i = 0; i <= depth; i++) {
      most = Math.min(most, (within.longestMm() + longB[i]) / longA[i]);
    }
    return Math.max(
        STEP_MM, Math.floor(Math.min(most, within.longestMm()) / STEP_MM + ROUNDING_MM) * STEP_MM);
  }

  /** The finest layer, drawn to the size that is ground to the finished one. */
  private double finestMm(BlockProfile block) {
    double drawnMm = question.finished().heightMm() + 2 * r.defaults.finishGrindMm();
    return block.finestMm * drawnMm / (block.heightMm - 2 * gone);
  }

  private LimitFigures measured(
      int depth, BlockProfile block, double startMm, double finishedMm, double kg) {
    double longest = startMm;
    double shortest = start.isPresent() ? startMm : Double.POSITIVE_INFINITY;
    for (int i = 0; i <= depth; i++) {
      longest = Math.max(longest, longA[i] * startMm - longB[i]);
      if (i < depth) {
        shortest = Math.min(shortest, pieceA[i] * startMm - pieceB[i]);
      }
    }
    return new LimitFigures(
        block.tallestMm,
        longest,
        kg,
        shortest + ROUNDING_MM,
        block.outerMm,
        block.wideMm,
        block.highMm,
        block.coarsePercent(),
        finestMm(block) + ROUNDING_MM,
        block.forceKn,
        finishedMm + ROUNDING_MM);
  }
}
