package app.geminal.rotation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.rotation.Rotation.Day;
import app.geminal.rotation.Rotation.Heat;
import app.geminal.rotation.Rotation.Job;
import app.geminal.rotation.Rotation.Turn;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A day's order of work. */
class RotationTest {
  private static final double DAY_END = 600;

  private static Job stack(String name, int heats, double first, double again) {
    List<Heat> list = new ArrayList<>();
    for (int i = 0; i < heats; i++) {
      list.add(
          new Heat("set " + (i + 1), i == 0 ? first : again, i == 0 ? first : first * 0.7, 2, 10));
    }
    return new Job(name, list, heats, -1);
  }

  @Test
  void oneBilletIsSimplyItsHeats() {
    Day day = Rotation.of(List.of(stack("A", 3, 16, 5)), 2, 0, DAY_END);
    assertThat(day.endsMin()).isCloseTo(16 + 2 + 5 + 2 + 5 + 2, within(1e-9));
    assertThat(day.turns()).extracting(Turn::pressMin).containsExactly(16.0, 23.0, 30.0);
    assertThat(day.late()).isEmpty();
  }

  /** While one soaks the other is at the press: two take little longer than one. */
  @Test
  void twoRotateThroughOneForge() {
    Day alone = Rotation.of(List.of(stack("A", 3, 16, 5)), 2, 0, DAY_END);
    Day both = Rotation.of(List.of(stack("A", 3, 16, 5), stack("B", 3, 16, 5)), 2, 0, DAY_END);
    assertThat(both.endsMin()).isLessThan(alone.endsMin() + 5);
    assertThat(both.overMin()).isZero();
    Day onePlace = Rotation.of(List.of(stack("A", 3, 16, 5), stack("B", 3, 16, 5)), 1, 0, DAY_END);
    assertThat(onePlace.endsMin()).isGreaterThan(both.endsMin() + 10);
  }

  @Test
  void aPreparedStackComesBeforeDrawingWhenTheDayIsShort() {
    List<Heat> drawing = Collections.nCopies(6, new Heat("draw", 8, 10, 3, 10));
    Job draws = new Job("bar", drawing, 0, -1);
    Day day = Rotation.of(List.of(draws, stack("stack", 3, 16, 5)), 1, 0, 45);
    assertThat(day.late()).isEmpty();
    Turn set =
        day.turns().stream().filter(t -> t.job() == 1 && t.heat() == 2).findFirst().orElseThrow();
    assertThat(set.doneMin()).isLessThanOrEqualTo(45);
    assertThat(Rotation.of(List.of(stack("stack", 3, 16, 5)), 1, 0, 20).late())
        .containsExactly("stack");
  }

  @Test
  void whatIsInTheFireAlreadyIsCalculatedFromThere() {
    Job inside = new Job("A", stack("A", 2, 16, 5).heats(), 2, 90);
    Day day = Rotation.of(List.of(inside), 2, 100, DAY_END);
    assertThat(day.turns().getFirst().pressMin()).isCloseTo(106, within(1e-9));
  }

  /** Against every order there is, for small days at random. */
  @Test
  void noOrderIsBetterAndNoRuleIsBroken() {
    for (long seed = 1; seed <= 60; seed++) {
      Random random = new Random(seed);
      List<Job> jobs = new ArrayList<>();
      int n = 2 + random.nextInt(2);
      for (int i = 0; i < n; i++) {
        jobs.add(
            stack("J" + i, 1 + random.nextInt(3), 8 + random.nextInt(15), 3 + random.nextInt(5)));
      }
      int places = 1 + random.nextInt(2);
      Day day = Rotation.of(jobs, places, 0, DAY_END);
      requireRules(day, jobs, places, seed);
      double oneAfterTheOther = 0;
      for (Job job : jobs) {
        oneAfterTheOther += job.heats().stream().mapToDouble(h -> h.soakMin() + h.pressMin()).sum();
      }
      assertThat(day.endsMin()).as("seed %d", seed).isLessThanOrEqualTo(oneAfterTheOther + 1e-6);
      double busiest =
          jobs.stream()
              .mapToDouble(
                  j -> j.heats().stream().mapToDouble(h -> h.soakMin() + h.pressMin()).sum())
              .max()
              .orElseThrow();
      assertThat(day.endsMin()).as("seed %d", seed).isGreaterThanOrEqualTo(busiest - 1e-6);
    }
  }

  private static void requireRules(Day day, List<Job> jobs, int places, long seed) {
    List<Turn> turns = day.turns();
    for (int i = 0; i < turns.size(); i++) {
      Turn t = turns.get(i);
      assertThat(t.readyMin()).as("seed %d", seed).isLessThanOrEqualTo(t.pressMin() + 1e-6);
      if (i > 0) {
        assertThat(t.pressMin())
            .as("seed %d: one press", seed)
            .isGreaterThanOrEqualTo(turns.get(i - 1).doneMin() - 1e-6);
      }
      double inside = t.inMin() + 1e-3;
      long together =
          turns.stream().filter(o -> o.inMin() <= inside && o.pressMin() > inside).count();
      assertThat(together).as("seed %d: places", seed).isLessThanOrEqualTo(places);
      double limit = jobs.get(t.job()).heats().get(t.heat()).limitMin();
      if (day.overMin() == 0) {
        assertThat(t.pressMin() - t.readyMin())
            .as("seed %d: limit", seed)
            .isLessThanOrEqualTo(limit + 1e-6);
      }
    }
    for (int j = 0; j < jobs.size(); j++) {
      int job = j;
      List<Turn> own = turns.stream().filter(t -> t.job() == job).toList();
      assertThat(own).as("seed %d", seed).hasSize(jobs.get(j).heats().size());
      for (int i = 1; i < own.size(); i++) {
        assertThat(own.get(i).inMin()).isGreaterThanOrEqualTo(own.get(i - 1).doneMin() - 1e-6);
      }
    }
  }

  @Test
  void nothingLeftIsAnEmptyDay() {
    Day day = Rotation.of(List.of(new Job("A", List.of(), 0, -1)), 1, 30, DAY_END);
    assertThat(day.turns()).isEmpty();
    assertThat(day.endsMin()).isEqualTo(30);
    assertThat(Stream.of(day.late())).allMatch(List::isEmpty);
  }
}
