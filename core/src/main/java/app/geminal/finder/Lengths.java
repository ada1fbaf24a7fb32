package app.geminal.finder;

import app.geminal.schedule.Bounds;
import app.geminal.schedule.SearchLimits;
import app.geminal.weld.WeldChance;

/**
 * Lengths along a schedule, by the depth they occur at. Sections do not depend on the length of the
 * start, so that each is {@code a·start − b}, and the start is chosen at the end. Not for threads.
 */
final class Lengths {
  /** Starts from the shelf are sawn to this, mm. */
  private static final double STEP_MM = 0.5;

  private static final double ROUNDING_MM = 1e-9;

  /** Pieces that are cut. */
  private final double[] pieceA = new double[Bounds.MOST_RESTACKS + 1];

  private final double[] pieceB = new double[Bounds.MOST_RESTACKS + 1];

  /** The longest bar. */
  private final double[] longA = new double[Bounds.MOST_RESTACKS + 1];

  private final double[] longB = new double[Bounds.MOST_RESTACKS + 1];

  /** Blocks that are set, and what their chance depends on besides. */
  private final double[] weldA = new double[Bounds.MOST_RESTACKS + 1];

  private final double[] weldB = new double[Bounds.MOST_RESTACKS + 1];
  private final double[] weldHeightMm = new double[Bounds.MOST_RESTACKS + 1];
  private final int[] weldJoints = new int[Bounds.MOST_RESTACKS + 1];

  /** How long the bar is at a depth when it is longest. */
  void longest(int depth, double a, double b) {
    longA[depth] = a;
    longB[depth] = b;
  }

  /** A block that is about to be set at a depth. */
  void weld(int depth, BlockProfile block) {
    weldHeightMm[depth] = block.heightMm;
    weldA[depth] = block.a;
    weldB[depth] = block.b;
    weldJoints[depth] = block.joints;
  }

  /** How long the pieces are that were cut at a depth. */
  void pieces(int depth, BarProfile piece) {
    pieceA[depth] = piece.a;
    pieceB[depth] = piece.b;
  }

  /** That each of the last so many welds holds. A bar that is there and solid was not set first. */
  double chance(WeldChance each, int depth, int welds, double startMm) {
    double chance = 1;
    for (int i = depth + 1 - welds; i <= depth; i++) {
      chance *= each.of(i > 0, weldHeightMm[i], weldA[i] * startMm - weldB[i], weldJoints[i]);
    }
    return chance;
  }

  /**
   * The shortest start that yields a finished length and no piece too short to hold.
   *
   * @param leastMm that the finished length asks for
   * @param shortestMm piece that can be held
   */
  double neededMm(int depth, double leastMm, double shortestMm) {
    double needed = Math.max(shortestMm, leastMm);
    for (int i = 0; i < depth; i++) {
      needed = Math.max(needed, (shortestMm + pieceB[i]) / pieceA[i]);
    }
    return Math.max(1, Math.ceil(needed - ROUNDING_MM));
  }

  /** The longest start up to so much with which no bar is too long. */
  double mostMm(int depth, double mostMm, SearchLimits within) {
    double most = mostMm;
    for (int i = 0; i <= depth; i++) {
      most = Math.min(most, (within.longestMm() + longB[i]) / longA[i]);
    }
    return Math.max(
        STEP_MM, Math.floor(Math.min(most, within.longestMm()) / STEP_MM + ROUNDING_MM) * STEP_MM);
  }

  /** The longest bar, the start among them. */
  double longestMm(int depth, double startMm) {
    double longest = startMm;
    for (int i = 0; i <= depth; i++) {
      longest = Math.max(longest, longA[i] * startMm - longB[i]);
    }
    return longest;
  }

  /** The shortest piece that is cut; infinite where none is. */
  double shortestPieceMm(int depth, double startMm) {
    double shortest = Double.POSITIVE_INFINITY;
    for (int i = 0; i < depth; i++) {
      shortest = Math.min(shortest, pieceA[i] * startMm - pieceB[i]);
    }
    return shortest;
  }
}
