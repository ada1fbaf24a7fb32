package app.geminal.workplan;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a task takes its time.
 *
 * @param minutes from its begin to its end
 * @param hands when hands are on it
 * @param uses stations it keeps busy
 * @param heats in the fire
 */
record TaskShape(int minutes, List<Span> hands, List<Task.Use> uses, int heats) {
  private static final int LONGEST_MIN = 1440;

  /** Hands on it all the time, at the bench. */
  static TaskShape byHand(int minutes) {
    return new TaskShape(minutes, List.of(new Span(0, minutes)), List.of(), 0);
  }

  /** Hands on it all the time, at a station. */
  static TaskShape at(Station station, int minutes) {
    Span whole = new Span(0, minutes);
    return new TaskShape(minutes, List.of(whole), List.of(new Task.Use(station, whole)), 0);
  }

  /** At a station by itself, hands on it only at both ends. */
  static TaskShape unattended(Station station, int minutes, int handsMin) {
    Span whole = new Span(0, minutes);
    return new TaskShape(
        minutes,
        List.of(new Span(0, handsMin), new Span(minutes - handsMin, minutes)),
        List.of(new Task.Use(station, whole)),
        0);
  }

  /**
   * Heats that follow each other at once; those that would make it longer than a day are left out.
   *
   * @param soaksMin minutes in the forge, heat by heat
   * @param workMin hands on it after each
   * @param station where; null where none is kept busy
   */
  static TaskShape inHeats(List<Integer> soaksMin, int workMin, @Nullable Station station) {
    List<Span> hands = new ArrayList<>();
    List<Task.Use> uses = new ArrayList<>();
    int at = 0;
    for (int soak : soaksMin) {
      if (at + soak + workMin > LONGEST_MIN) {
        break;
      }
      uses.add(new Task.Use(Station.FORGE, new Span(at, at + soak)));
      at += soak;
      Span work = new Span(at, at + workMin);
      hands.add(work);
      if (station != null) {
        uses.add(new Task.Use(station, work));
      }
      at += workMin;
    }
    return new TaskShape(at, hands, uses, hands.size());
  }
}
