package app.geminal.cli;

import app.geminal.units.Units;
import app.geminal.workplan.LateBillet;
import app.geminal.workplan.Station;
import app.geminal.workplan.Task;
import app.geminal.workplan.TaskKind;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkQuestion;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A work plan as JSON; see docs/formats/workplan.md.
 *
 * @param tasks in the order they begin
 * @param firings times the forge is lit
 * @param unplaced tasks that the days have no room for
 * @param late billets that are not done when they are due
 * @param forgeOnMin minutes the forge burns
 */
record WorkPlanJson(
    LocalDate from,
    int days,
    List<TaskJson> tasks,
    List<FiringJson> firings,
    List<UnplacedJson> unplaced,
    List<LateJson> late,
    int forgeOnMin) {

  /** A task in its place; times are those of the shop's clock. */
  record TaskJson(
      int billet,
      String name,
      String id,
      TaskKind kind,
      String title,
      LocalDateTime starts,
      LocalDateTime ends,
      int handsMin,
      List<String> people,
      List<Station> stations,
      int heats) {}

  /** The forge lit once. */
  record FiringJson(LocalDateTime lit, LocalDateTime out, int heats) {}

  /** A task there is no room for. */
  record UnplacedJson(
      int billet, String name, String id, TaskKind kind, String title, int minutes) {}

  /** A billet that is late. */
  record LateJson(
      int billet,
      String name,
      LocalDate dueOn,
      @Nullable LocalDate endsOn,
      LateBillet.Cause cause,
      List<String> helps) {}

  static WorkPlanJson of(
      WorkQuestion question, WorkPlan plan, List<LateBillet> late, Units reader) {
    return new WorkPlanJson(
        question.from(),
        question.days(),
        plan.placed().stream().map(p -> task(question, p, reader)).toList(),
        plan.firings().stream()
            .map(f ->
                new FiringJson(
                    at(question, f.lit().fromMin()), at(question, f.lit().toMin()), f.heats()))
            .toList(),
        plan.unplaced().stream()
            .map(t ->
                new UnplacedJson(
                    (int) t.billetId(),
                    name(question, t),
                    t.id(),
                    t.kind(),
                    t.title().read(reader),
                    t.minutes()))
            .toList(),
        late.stream()
            .map(l ->
                new LateJson(
                    (int) l.billetId(),
                    l.name(),
                    l.dueOn(),
                    l.endsOn(),
                    l.cause(),
                    l.helps().stream().map(h -> h.read(reader)).toList()))
            .toList(),
        plan.forgeOnMin());
  }

  private static TaskJson task(WorkQuestion question, WorkPlan.Placed placed, Units reader) {
    Task task = placed.task();
    return new TaskJson(
        (int) task.billetId(),
        name(question, task),
        task.id(),
        task.kind(),
        task.title().read(reader),
        at(question, placed.startMin()),
        at(question, placed.endMin()),
        task.handsMin(),
        placed.people().stream().map(p -> question.people().get(p).name()).toList(),
        task.uses().stream().map(Task.Use::station).distinct().toList(),
        task.heats());
  }

  static LocalDateTime at(WorkQuestion question, int minute) {
    return question.from().atStartOfDay().plusMinutes(minute);
  }

  static String name(WorkQuestion question, Task task) {
    return question.jobs().get((int) task.billetId() - 1).name();
  }
}
