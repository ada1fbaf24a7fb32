package app.geminal.evidence;

/**
 * Welds that have something in common.
 *
 * @param held no open seam found
 * @param open with at least one
 * @param suspect not decided
 */
public record WeldTally(int held, int open, int suspect) {
  /** Fewer decided ones than this say nothing. */
  public static final int FEWEST = 12;

  /** Limits further apart than this say nothing. */
  public static final double WIDEST = 0.4;

  /** No welds. */
  public static final WeldTally NONE = new WeldTally(0, 0, 0);

  /** Those it is known of. */
  public int judged() {
    return held + open;
  }

  /** Part of the decided ones that is open; 0 where none is decided. */
  public double openShare() {
    return judged() == 0 ? 0 : (double) open / judged();
  }

  /** Where the share of open ones is. */
  public Interval interval() {
    return Interval.of(open, judged());
  }

  /** Whether this is too few to report. */
  public boolean isTooFew() {
    return judged() < FEWEST || interval().width() > WIDEST;
  }

  WeldTally plus(WeldTally that) {
    return new WeldTally(held + that.held, open + that.open, suspect + that.suspect);
  }
}
