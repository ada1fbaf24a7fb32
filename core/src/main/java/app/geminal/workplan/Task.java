package app.geminal.workplan;

import app.geminal.text.Message;
import app.geminal.validation.Require;
import java.util.List;

/**
 * Work that is done without a break.
 *
 * @param id names it among all tasks
 * @param billetId the billet it is done for
 * @param stepPath the step of the plan it belongs to; empty where it belongs to none
 * @param kind of work
 * @param title what it is
 * @param minutes from its begin to its end, 1 to 1440
 * @param people who have their hands on it at the same time, 1 or 2
 * @param hands when they do, from its begin; someone is at the shop all the time
 * @param uses stations it keeps busy
 * @param heats in the fire; 0 for cold work
 */
public record Task(
    String id,
    long billetId,
    String stepPath,
    TaskKind kind,
    Message title,
    int minutes,
    int people,
    List<Span> hands,
    List<Use> uses,
    int heats) {
  /**
   * A station kept busy.
   *
   * @param when from the task's begin
   */
  public record Use(Station station, Span when) {}

  /** Checks every field. */
  public Task {
    Require.text("id", id, 200);
    Require.count("minutes", minutes, 1, MOST_MINUTES);
    Require.count("people", people, 1, 2);
    Require.count("heats", heats, 0, 60);
    hands = List.copyOf(hands);
    uses = List.copyOf(uses);
  }

  private static final int MOST_MINUTES = 1440;

  /** Minutes in which hands are on it. */
  public int handsMin() {
    return hands.stream().mapToInt(Span::minutes).sum();
  }

  /** Minutes of it in the forge. */
  public int forgeMin() {
    return uses.stream()
        .filter(u -> u.station() == Station.FORGE)
        .mapToInt(u -> u.when().minutes())
        .sum();
  }
}
