package app.geminal.finder;

import app.geminal.schedule.Cost;
import java.util.function.Supplier;

/** Where candidates go. Not for threads. */
interface Shortlist {
  /** A candidate of such a cost; made only when it is kept. */
  void offer(Cost cost, Supplier<Candidate> candidate);
}
