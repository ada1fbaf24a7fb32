package app.geminal.cli;

import app.geminal.text.Message;
import app.geminal.units.Units;
import app.geminal.workplan.LateBillet;
import app.geminal.workplan.Task;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkQuestion;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** A work plan in words, day by day. */
record WorkPlanWords(WorkQuestion question, Units reader) {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE uuuu-MM-dd", Locale.US);
  private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.US);

  List<String> of(WorkPlan plan, List<LateBillet> late) {
    List<String> lines = new ArrayList<>();
    for (int day = 0; day < question.days(); day++) {
      day(day, plan, lines);
    }
    for (Task task : plan.unplaced()) {
      lines.add(
          read(
              CliText.NO_ROOM.with(
                  "name", WorkPlanJson.name(question, task),
                  "task", task.title().read(reader),
                  "minutes", task.minutes())));
    }
    for (LateBillet billet : late) {
      LocalDate endsOn = billet.endsOn();
      lines.add(
          read(
              CliText.LATE.with(
                  "name", billet.name(),
                  "due", billet.dueOn().toString(),
                  "ends", endsOn == null ? "" : endsOn.toString(),
                  "fits", endsOn != null,
                  "cause", billet.cause().name())));
      billet.helps().forEach(help -> lines.add("  " + read(help)));
    }
    lines.add(read(CliText.FORGE_BURNS.with("minutes", plan.forgeOnMin())));
    return lines;
  }

  private void day(int day, WorkPlan plan, List<String> lines) {
    List<WorkPlan.Placed> tasks = plan.placed().stream().filter(p -> p.day() == day).toList();
    if (tasks.isEmpty()) {
      return;
    }
    lines.add(DAY.format(question.from().plusDays(day)));
    List<Line> inDay = new ArrayList<>();
    plan.firings().stream()
        .filter(f -> f.lit().fromMin() / WorkQuestion.DAY_MIN == day)
        .forEach(f -> inDay.add(new Line(f.lit().fromMin(), firing(f))));
    tasks.forEach(p -> inDay.add(new Line(p.startMin(), task(p))));
    inDay.sort(Comparator.comparingInt(Line::atMin));
    inDay.forEach(line -> lines.add("  " + line.words()));
  }

  /** What begins at a minute. */
  private record Line(int atMin, String words) {}

  private String firing(WorkPlan.Firing firing) {
    return read(
        CliText.FORGE_LIT.with(
            "from", time(firing.lit().fromMin()),
            "to", time(firing.lit().toMin()),
            "heats", firing.heats()));
  }

  private String task(WorkPlan.Placed placed) {
    return read(
        CliText.PLANNED_TASK.with(
            "from", time(placed.startMin()),
            "to", time(placed.endMin()),
            "name", WorkPlanJson.name(question, placed.task()),
            "task", placed.task().title().read(reader),
            "people", people(placed)));
  }

  private String people(WorkPlan.Placed placed) {
    return question.people().size() == 1
        ? ""
        : " ("
            + String.join(
                ", ", placed.people().stream().map(p -> question.people().get(p).name()).toList())
            + ")";
  }

  private String time(int minute) {
    LocalDateTime at = WorkPlanJson.at(question, minute);
    return TIME.format(at);
  }

  private String read(Message message) {
    return message.read(reader);
  }
}
