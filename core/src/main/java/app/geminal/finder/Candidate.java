package app.geminal.finder;

import app.geminal.schedule.Cost;
import app.geminal.schedule.Schedule;
import java.util.Comparator;

/**
 * A schedule that reaches the count and keeps to every limit.
 *
 * @param schedule the way
 * @param lengthMm of its start
 * @param visible layers of the finished bar
 * @param cost what it is weighed by
 * @param blockMm height its blocks are drawn down to make
 */
record Candidate(Schedule schedule, double lengthMm, long visible, Cost cost, double blockMm) {
  /** Less of a difference in broad sheets does not decide before steel and time do, %. */
  private static final int EVENLY_PERCENT = 5;

  /** The same order, whichever thread found it first. */
  static final Comparator<Candidate> ORDER =
      Comparator.<Candidate>comparingLong(c -> c.cost().welds())
          .thenComparingLong(c -> c.cost().coarse() / EVENLY_PERCENT)
          .thenComparingLong(c -> c.cost().steel())
          .thenComparingLong(c -> c.cost().minutes())
          .thenComparingLong(c -> c.cost().distance())
          .thenComparing(c -> c.schedule().toString())
          .thenComparing(c -> c.schedule().toString())
          .thenComparingDouble(Candidate::blockMm);

  /** Whether it is the same whatever the blocks: nothing had to be drawn down for them. */
  boolean isSameAs(Candidate that) {
    return cost.equals(that.cost) && lengthMm == that.lengthMm && schedule.equals(that.schedule);
  }
}
