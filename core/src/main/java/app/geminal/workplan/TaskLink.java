package app.geminal.workplan;

import app.geminal.validation.Require;

/**
 * That one task comes after another.
 *
 * @param before id of the first
 * @param after id of the second
 * @param waitMin at least so long from the end of the one to the begin of the other: a bar cools
 * @param sameDay whether the second must end on the day the first began: bright faces rust, and a
 *     stack that is tacked is welded before the day ends
 */
public record TaskLink(String before, String after, int waitMin, boolean sameDay) {
  /** Checks the wait. */
  public TaskLink {
    Require.count("waitMin", waitMin, 0, 10_000);
  }
}
