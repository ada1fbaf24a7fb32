package app.geminal.weld;

/** What became of a weld, as far as it can be said. */
public enum WeldOutcome {
  /** No open seam found. */
  HELD,
  /** Something looked wrong, not yet decided. */
  SUSPECT,
  /** At least one joint is open. */
  OPEN
}
