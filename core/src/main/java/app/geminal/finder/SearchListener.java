package app.geminal.finder;

import app.geminal.schedule.Census;
import app.geminal.schedule.RankedSchedule;
import java.util.List;

/** Someone who waits for a search. Called from any thread, one call at a time. */
public interface SearchListener {
  /** No one in particular. */
  SearchListener NONE = new SearchListener() {};

  /** Whether the search should go on; asked very often, from several threads at once. */
  default boolean shouldContinue() {
    return true;
  }

  /** Some more was seen. */
  default void seen(Progress progress) {}

  /** How far a search has come. */
  interface Progress {
    /** Starts whose schedules are seen, of all passes. */
    int done();

    /** Starts in all passes. */
    int of();

    /** The best so far; worked through again at every call. */
    List<RankedSchedule> ways();

    /** What was looked at so far. */
    Census census();
  }
}
