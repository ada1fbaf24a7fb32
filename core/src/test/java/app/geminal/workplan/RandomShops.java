package app.geminal.workplan;

import app.geminal.text.Message;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Shops with work to plan, by a seed. */
public final class RandomShops {
  /** A Monday. */
  public static final LocalDate MONDAY = LocalDate.of(2026, 3, 2);

  private RandomShops() {}

  /** Evenings and Saturdays, and a helper in some. */
  public static WorkQuestion of(long seed, int billets, int days) {
    Random random = new Random(seed);
    List<Person> people = new ArrayList<>();
    people.add(new Person("Smith", hours(random), EnumSet.allOf(TaskKind.class)));
    if (random.nextInt(3) == 0) {
      Set<TaskKind> cold = EnumSet.of(TaskKind.PREPARE, TaskKind.SAW, TaskKind.GRIND);
      people.add(new Person("Helper", hours(random), cold));
    }
    WorkRules rules =
        new WorkRules(
            1 + random.nextInt(2), 20 + random.nextInt(20), random.nextInt(4) == 0, false, 15);
    List<Job> jobs =
        IntStream.range(0, billets).mapToObj(b -> job(b, random, rules, days)).toList();
    int now = 8 * 60 * random.nextInt(2);
    return new WorkQuestion(MONDAY, days, now, people, jobs, rules, Set.of(), Map.of());
  }

  private static WorkHours hours(Random random) {
    Map<DayOfWeek, List<Span>> weekly = new EnumMap<>(DayOfWeek.class);
    for (DayOfWeek day : DayOfWeek.values()) {
      if (day == DayOfWeek.SATURDAY) {
        weekly.put(day, List.of(new Span(8 * 60, 12 * 60), new Span(13 * 60, 17 * 60 + 30)));
      } else if (day != DayOfWeek.SUNDAY && random.nextInt(5) > 0) {
        weekly.put(day, List.of(new Span(17 * 60 + 30, 21 * 60 + 30)));
      }
    }
    return new WorkHours(weekly, Map.of());
  }

  private static Job job(int number, Random random, WorkRules rules, int days) {
    List<Task> tasks = new ArrayList<>();
    List<TaskLink> links = new ArrayList<>();
    int welds = 1 + random.nextInt(3);
    String last = "";
    int cools = 0;
    for (int w = 0; w < welds; w++) {
      String id = number + "/w" + w;
      if (w > 0) {
        TaskShape saw = TaskShape.at(Station.SAW, 10 + random.nextInt(15));
        tasks.add(task(id + "saw", number, TaskKind.SAW, saw));
        links.add(new TaskLink(last, id + "saw", cools, false));
        last = id + "saw";
      }
      TaskShape faces = TaskShape.at(Station.GRINDER, 30 + random.nextInt(50));
      tasks.add(task(id + "faces", number, TaskKind.PREPARE, faces));
      if (!last.isEmpty()) {
        links.add(new TaskLink(last, id + "faces", 0, false));
      }
      tasks.add(task(id + "stack", number, TaskKind.STACK, TaskShape.byHand(20)));
      links.add(new TaskLink(id + "faces", id + "stack", 0, !rules.facesKeep()));
      tasks.add(task(id, number, TaskKind.WELD, heats(random, 2 + random.nextInt(3))));
      links.add(new TaskLink(id + "stack", id, rules.fuelSoakMin(), true));
      tasks.add(task(id + "draw", number, TaskKind.FORGE, heats(random, 1 + random.nextInt(5))));
      links.add(new TaskLink(id, id + "draw", 0, false));
      last = id + "draw";
      cools = 40 + random.nextInt(60);
    }
    LocalDate due = random.nextInt(3) == 0 ? MONDAY.plusDays(days / 2 + number) : null;
    return new Job(number, "Billet " + number, due, tasks, links, Map.of());
  }

  private static TaskShape heats(Random random, int heats) {
    int again = 5 + random.nextInt(5);
    int first = again + random.nextInt(10);
    return TaskShape.inHeats(
        IntStream.range(0, heats).mapToObj(h -> h == 0 ? first : again).toList(), 2, Station.PRESS);
  }

  private static Task task(String id, long billet, TaskKind kind, TaskShape shape) {
    return new Task(
        id,
        billet,
        "",
        kind,
        Message.written(id),
        shape.minutes(),
        1,
        shape.hands(),
        shape.uses(),
        shape.heats());
  }
}
