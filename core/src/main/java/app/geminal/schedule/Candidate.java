package app.geminal.schedule;

import java.util.Comparator;

/**
 * A schedule that reaches the count and keeps to every limit.
 *
 * @param schedule the way
 * @param lengthMm of its start
 * @param visible layers of the finished bar
 * @param cost what it is weighed by
 */
record Candidate(Schedule schedule, double lengthMm, long visible, Cost cost) {
  /** The same order whoever found it first. */
  static final Comparator<Candidate> ORDER =
      Comparator.<Candidate>comparingLong(c -> c.cost().welds())
          .thenComparingLong(c -> c.cost().steel())
          .thenComparingLong(c -> c.cost().minutes())
          .thenComparingLong(c -> c.cost().distance())
          .thenComparing(c -> c.schedule().words())
          .thenComparing(c -> c.schedule().toString());
}
