package app.geminal.workplan;

import java.util.List;

/**
 * When everything is done.
 *
 * @param placed tasks in the order they begin
 * @param firings times the forge is lit, in order
 * @param unplaced tasks that the days have no room for
 */
public record WorkPlan(List<Placed> placed, List<Firing> firings, List<Task> unplaced) {
  /** Copies the lists. */
  public WorkPlan {
    placed = List.copyOf(placed);
    firings = List.copyOf(firings);
    unplaced = List.copyOf(unplaced);
  }

  /**
   * A task in its place.
   *
   * @param startMin when it begins
   * @param people indices of those who do it
   */
  public record Placed(Task task, int startMin, List<Integer> people) {
    /** Copies the list. */
    public Placed {
      people = List.copyOf(people);
    }

    /** When it ends. */
    public int endMin() {
      return startMin + task.minutes();
    }

    /** Which day it is on, from 0. */
    public int day() {
      return startMin / WorkQuestion.DAY_MIN;
    }
  }

  /**
   * The forge lit once.
   *
   * @param lit from lighting it until the last heat is out
   * @param heats in it
   */
  public record Firing(Span lit, int heats) {}

  /** Minutes the forge burns. */
  public int forgeOnMin() {
    return firings.stream().mapToInt(f -> f.lit().minutes()).sum();
  }

  /** When the last task ends; 0 where there is none. */
  public int endMin() {
    return placed.stream().mapToInt(Placed::endMin).max().orElse(0);
  }

  /** When the last task of a billet ends; 0 where none is placed. */
  public int endMin(long billetId) {
    return placed.stream()
        .filter(p -> p.task().billetId() == billetId)
        .mapToInt(Placed::endMin)
        .max()
        .orElse(0);
  }
}
