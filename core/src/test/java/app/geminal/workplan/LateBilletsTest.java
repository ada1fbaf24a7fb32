package app.geminal.workplan;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.text.Message;
import app.geminal.units.Units;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LateBilletsTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 12, 7);
  private static final LocalDate WEDNESDAY = MONDAY.plusDays(2);

  /** Tasks in their order, the forge on any day it may be lit. */
  private static final WorkPlanner IN_ORDER =
      (question, _, _, _) -> {
        WorkPlanBuilder builder = new WorkPlanBuilder(question);
        return builder.build(
            IntStream.range(0, builder.tasks()).boxed().toList(),
            Collections.nCopies(question.days(), true));
      };

  private static Task task(long billet, String id, TaskKind kind, int minutes) {
    Span whole = new Span(0, minutes);
    Station station = kind.needsFire() ? Station.FORGE : Station.GRINDER;
    return new Task(
        billet + "/" + id,
        billet,
        id,
        kind,
        WorkPlanText.GRIND.with("faces", 1),
        minutes,
        1,
        List.of(whole),
        List.of(new Task.Use(station, whole)),
        kind.needsFire() ? 2 : 0);
  }

  private static Job job(long billet, String name, LocalDate dueOn, Task... tasks) {
    return new Job(billet, name, dueOn, List.of(tasks), List.of(), Map.of());
  }

  /** Evenings of three hours from Monday to Friday. */
  private static WorkQuestion evenings(Set<LocalDate> forgeDays, Job... jobs) {
    List<Span> evening = List.of(new Span(18 * 60, 21 * 60));
    WorkHours hours =
        new WorkHours(
            Map.of(
                DayOfWeek.MONDAY, evening,
                DayOfWeek.TUESDAY, evening,
                DayOfWeek.WEDNESDAY, evening,
                DayOfWeek.THURSDAY, evening,
                DayOfWeek.FRIDAY, evening),
            Map.of());
    Person smith = new Person("The smith", hours, EnumSet.allOf(TaskKind.class));
    return new WorkQuestion(
        MONDAY, 14, 0, List.of(smith), List.of(jobs), WorkRules.common(), forgeDays, Map.of());
  }

  private static List<LateBillet> late(WorkQuestion question) {
    WorkPlanner.Effort effort = new WorkPlanner.Effort(1, 1, 1000);
    return new LateBillets(IN_ORDER, effort, () -> true)
        .of(question, IN_ORDER.plan(question, effort, () -> true, _ -> {}));
  }

  private static List<String> read(List<Message> helps) {
    return helps.stream().map(h -> h.read(Units.METRIC)).toList();
  }

  @Test
  void nothingIsSaidOfBilletsInTime() {
    assertThat(late(evenings(Set.of(), job(1, "Knife", MONDAY, task(1, "a", TaskKind.GRIND, 60)))))
        .isEmpty();
    assertThat(late(evenings(Set.of(), job(1, "Knife", null, task(1, "a", TaskKind.GRIND, 60)))))
        .isEmpty();
  }

  @Test
  void anotherBilletTakesTheEvening() {
    WorkQuestion question =
        evenings(
            Set.of(),
            job(1, "Cleaver", null, task(1, "a", TaskKind.GRIND, 150)),
            job(2, "Knife", MONDAY, task(2, "a", TaskKind.GRIND, 60)));
    LateBillet knife = late(question).getFirst();
    assertThat(knife.billetId()).isEqualTo(2);
    assertThat(knife.endsOn()).isEqualTo(MONDAY.plusDays(1));
    assertThat(knife.cause()).isEqualTo(LateBillet.Cause.OTHER_BILLETS);
    assertThat(read(knife.helps()))
        .containsExactly("Leave Cleaver for later.", "The smith: one hour more on 2026-12-07.");
  }

  @Test
  void theForgeIsLitTooSeldom() {
    LocalDate saturday = MONDAY.plusDays(5);
    WorkQuestion question =
        evenings(Set.of(saturday), job(1, "Knife", WEDNESDAY, task(1, "a", TaskKind.FORGE, 60)));
    LateBillet knife = late(question).getFirst();
    assertThat(knife.endsOn()).isNull();
    assertThat(knife.cause()).isEqualTo(LateBillet.Cause.FORGE_DAYS);
    assertThat(read(knife.helps())).containsExactly("Light the forge on 2026-12-07 too.");
  }

  @Test
  void aTaskIsLongerThanAnyEvening() {
    WorkQuestion question =
        evenings(Set.of(), job(1, "Knife", WEDNESDAY, task(1, "a", TaskKind.GRIND, 200)));
    LateBillet knife = late(question).getFirst();
    assertThat(knife.cause()).isEqualTo(LateBillet.Cause.LONG_TASK);
    assertThat(read(knife.helps())).containsExactly("The smith: one hour more on 2026-12-09.");
  }

  @Test
  void hoursAreTooFew() {
    Task[] tasks = {
      task(1, "a", TaskKind.GRIND, 170),
      task(1, "b", TaskKind.GRIND, 170),
      task(1, "c", TaskKind.GRIND, 170),
      task(1, "d", TaskKind.GRIND, 170),
      task(1, "e", TaskKind.GRIND, 170)
    };
    LateBillet alone = late(evenings(Set.of(), job(1, "Knife", MONDAY, tasks))).getFirst();
    assertThat(alone.cause()).isEqualTo(LateBillet.Cause.HOURS);
    assertThat(alone.endsOn()).isEqualTo(MONDAY.plusDays(4));
    assertThat(read(alone.helps()))
        .containsExactly("Nothing small helps: promise it for 2026-12-11 at the earliest.");
  }

  @Test
  void theDayItIsDueOnHasPassed() {
    Job job = job(1, "Knife", MONDAY.minusDays(3), task(1, "a", TaskKind.GRIND, 60));
    LateBillet knife = late(evenings(Set.of(), job)).getFirst();
    assertThat(knife.endsOn()).isEqualTo(MONDAY);
    assertThat(read(knife.helps()))
        .containsExactly("Nothing small helps: promise it for 2026-12-07 at the earliest.");
  }
}
