package app.geminal.finder;

import app.geminal.schedule.Census;
import app.geminal.schedule.FinderQuestion;
import app.geminal.schedule.LayerTarget;
import app.geminal.schedule.Limit;
import app.geminal.schedule.RankedSchedule;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What came of a search. */
public sealed interface SearchOutcome {
  /** What was looked at. */
  Census census();

  /**
   * All ways worth choosing: none is beaten by another in everything.
   *
   * @param ways fewest welds first, then least steel; at least one
   */
  record Found(List<RankedSchedule> ways, Census census) implements SearchOutcome {}

  /**
   * No schedule reaches the count within the limits.
   *
   * @param relaxations what would bring one, the smallest first; may be empty
   */
  record Nothing(List<Relaxation> relaxations, Census census) implements SearchOutcome {}

  /**
   * It ended before everything was seen.
   *
   * @param ways the best of what was seen; may be empty
   * @param restacksSeen all schedules with so many restacks were seen, −1 for none
   * @param cancelled whether it was called off; else the work allowed was used up
   */
  record Stopped(List<RankedSchedule> ways, Census census, int restacksSeen, boolean cancelled)
      implements SearchOutcome {}

  /**
   * A change of the question that brings at least one way.
   *
   * @param limits where limits would have to stand
   * @param tolerance how close to the count would have to do, empty where that is not the trouble
   */
  record Relaxation(Map<Limit, Double> limits, Optional<Double> tolerance) {
    /** The question with the change made. */
    public FinderQuestion appliedTo(FinderQuestion question) {
      FinderQuestion changed = question;
      for (Map.Entry<Limit, Double> limit : limits.entrySet()) {
        changed = changed.with(limit.getKey(), limit.getValue());
      }
      return tolerance.isPresent() && changed.aim() instanceof LayerTarget.Near near
          ? changed.withAim(near.withTolerance(tolerance.get()))
          : changed;
    }
  }
}
