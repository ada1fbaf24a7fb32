package app.geminal.workplan;

import app.geminal.validation.OrderedCopies;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What is left to do of a billet.
 *
 * @param billetId which
 * @param name what it is called
 * @param dueOn the last day it may be finished on; null where there is none
 * @param tasks those left, each after those it builds on
 * @param links which comes after which
 * @param notBeforeMin first minute of tasks that wait for something done already, by id
 */
public record Job(
    long billetId,
    String name,
    @Nullable LocalDate dueOn,
    List<Task> tasks,
    List<TaskLink> links,
    Map<String, Integer> notBeforeMin) {
  /** Copies the lists. */
  public Job {
    tasks = List.copyOf(tasks);
    links = List.copyOf(links);
    notBeforeMin = OrderedCopies.copyOf(notBeforeMin);
  }

  /** The same with another day it is due on. */
  public Job withDueOn(@Nullable LocalDate newDueOn) {
    return new Job(billetId, name, newDueOn, tasks, links, notBeforeMin);
  }
}
