package app.geminal.evidence;

/**
 * Welds that have something in common.
 *
 * @param held no open seam found
 * @param open with at least one
 * @param suspect not decided
 */
public record Tally(int held, int open, int suspect) {
  /** Fewer decided ones than this tell nothing. */
  public static final int FEWEST = 12;

  /** Limits further apart than this tell nothing. */
  public static final double WIDEST = 0.4;

  /** No welds. */
  public static final Tally NONE = new Tally(0, 0, 0);

  /** Those it is known of. */
  public int decided() {
    return held + open;
  }

  /** Part of the decided ones that is open; 0 where none is decided. */
  public double openShare() {
    return decided() == 0 ? 0 : (double) open / decided();
  }

  /** Where the share of open ones lies. */
  public Interval interval() {
    return Interval.of(open, decided());
  }

  /** Whether this is too few to tell. */
  public boolean isTooFew() {
    return decided() < FEWEST || interval().width() > WIDEST;
  }

  Tally plus(Tally that) {
    return new Tally(held + that.held, open + that.open, suspect + that.suspect);
  }
}
