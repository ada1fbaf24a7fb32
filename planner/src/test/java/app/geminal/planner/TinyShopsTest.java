package app.geminal.planner;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.text.Message;
import app.geminal.workplan.Job;
import app.geminal.workplan.Person;
import app.geminal.workplan.RandomShops;
import app.geminal.workplan.Span;
import app.geminal.workplan.Station;
import app.geminal.workplan.Task;
import app.geminal.workplan.TaskKind;
import app.geminal.workplan.TaskLink;
import app.geminal.workplan.WorkHours;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkPlanCost;
import app.geminal.workplan.WorkPlanner;
import app.geminal.workplan.WorkQuestion;
import app.geminal.workplan.WorkRules;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Plans of tiny shops beside the best there is, found by trying every start. */
class TinyShopsTest {
  private static final int SHOPS = Integer.getInteger("geminal.tiny", 24);
  private static final int SLOT = 10;
  private static final int EVENING = 18 * 60;
  private static final int SLOTS = 18;
  private static final int DAYS = 3;
  private static final int LIGHT = 2;

  /** Two billets, three evenings; everything in slots of ten minutes. */
  private static WorkQuestion question(long seed) {
    Random random = new Random(seed);
    List<Span> evening = List.of(new Span(EVENING, EVENING + SLOTS * SLOT));
    WorkHours hours =
        new WorkHours(
            Map.of(
                DayOfWeek.MONDAY, evening,
                DayOfWeek.TUESDAY, evening,
                DayOfWeek.WEDNESDAY, evening),
            Map.of());
    Person smith = new Person("Smith", hours, EnumSet.allOf(TaskKind.class));
    WorkRules rules = new WorkRules(1 + random.nextInt(2), LIGHT * SLOT, false, false, 0);
    List<Job> jobs = new ArrayList<>();
    for (int b = 0; b < 2; b++) {
      jobs.add(job(b, random));
    }
    return new WorkQuestion(
        RandomShops.MONDAY, DAYS, 0, List.of(smith), jobs, rules, Set.of(), Map.of());
  }

  private static Job job(int billet, Random random) {
    String id = billet + "/";
    int faces = SLOT * (2 + random.nextInt(3));
    Task prepare = byHand(id + "faces", billet, TaskKind.PREPARE, Station.GRINDER, faces);
    Task weld = heats(id + "weld", billet, TaskKind.WELD, 2);
    Task draw = heats(id + "draw", billet, TaskKind.FORGE, 1 + random.nextInt(2));
    return new Job(
        billet,
        "Billet " + billet,
        null,
        List.of(prepare, weld, draw),
        List.of(
            new TaskLink(prepare.id(), weld.id(), 0, true),
            new TaskLink(weld.id(), draw.id(), 0, false)),
        Map.of());
  }

  private static Task byHand(String id, long billet, TaskKind kind, Station station, int minutes) {
    Span whole = new Span(0, minutes);
    return new Task(
        id,
        billet,
        "",
        kind,
        Message.written(id),
        minutes,
        1,
        List.of(whole),
        List.of(new Task.Use(station, whole)),
        0);
  }

  private static Task heats(String id, long billet, TaskKind kind, int heats) {
    List<Span> hands = new ArrayList<>();
    List<Task.Use> uses = new ArrayList<>();
    for (int h = 0; h < heats; h++) {
      int at = 2 * SLOT * h;
      uses.add(new Task.Use(Station.FORGE, new Span(at, at + SLOT)));
      Span squeeze = new Span(at + SLOT, at + 2 * SLOT);
      hands.add(squeeze);
      uses.add(new Task.Use(Station.PRESS, squeeze));
    }
    return new Task(
        id, billet, "", kind, Message.written(id), 2 * SLOT * heats, 1, hands, uses, heats);
  }

  /** Tries every start of every task; the cost of a plan is worked out here, too. */
  private static final class EveryStart {
    private final List<Task> tasks;
    private final int places;
    private final int[] start;
    private final boolean[][] hands = new boolean[DAYS][SLOTS];
    private final int[][] fire = new int[DAYS][SLOTS];
    private int best;

    EveryStart(WorkQuestion question, int best) {
      this.tasks = question.tasks().toList();
      this.places = question.rules().forgePlaces();
      this.start = new int[tasks.size()];
      this.best = best;
    }

    int best() {
      place(0, 0);
      return best;
    }

    private void place(int next, int endSlot) {
      if (endSlot * SLOT + leastFire() >= best) {
        return;
      }
      if (next == tasks.size()) {
        best = Math.min(best, endSlot * SLOT + fireMin());
        return;
      }
      Task task = tasks.get(next);
      int length = task.minutes() / SLOT;
      boolean isFirst = next % 3 == 0;
      int from = isFirst ? 0 : start[next - 1] + tasks.get(next - 1).minutes() / SLOT;
      int lighting = task.kind().needsFire() ? LIGHT : 0;
      for (int at = from; at + length <= DAYS * SLOTS; at++) {
        int day = at / SLOTS;
        boolean isOneDay = (at + length - 1) / SLOTS == day && at % SLOTS >= lighting;
        boolean isSameDay = next % 3 != 1 || day == start[next - 1] / SLOTS;
        if (isOneDay && isSameDay && fits(task, day, at % SLOTS)) {
          start[next] = at;
          mark(task, day, at % SLOTS, 1);
          place(next + 1, Math.max(endSlot, at + length));
          mark(task, day, at % SLOTS, -1);
        }
      }
    }

    private boolean fits(Task task, int day, int at) {
      boolean free =
          task.hands().stream()
              .flatMapToInt(s -> IntStream.range(s.fromMin() / SLOT, s.toMin() / SLOT))
              .noneMatch(s -> hands[day][at + s]);
      return free
          && task.uses().stream()
              .filter(u -> u.station() == Station.FORGE)
              .noneMatch(u -> fire[day][at + u.when().fromMin() / SLOT] >= places);
    }

    private void mark(Task task, int day, int at, int by) {
      for (Span s : task.hands()) {
        for (int i = s.fromMin() / SLOT; i < s.toMin() / SLOT; i++) {
          hands[day][at + i] = by > 0;
        }
      }
      for (Task.Use u : task.uses()) {
        if (u.station() == Station.FORGE) {
          fire[day][at + u.when().fromMin() / SLOT] += by;
        }
      }
    }

    /** Every day with fire burns at least from lighting until what is in it now is out. */
    private int leastFire() {
      int least = 0;
      for (int[] day : fire) {
        int there = (int) IntStream.of(day).filter(n -> n > 0).count();
        least += there == 0 ? 0 : (there + LIGHT) * SLOT;
      }
      return least;
    }

    /** No plan that lights the forge for one heat alone counts. */
    private int fireMin() {
      int sum = 0;
      for (int d = 0; d < DAYS; d++) {
        int lit = -1;
        int out = -1;
        int heats = 0;
        for (int s = 0; s < SLOTS; s++) {
          if (fire[d][s] == 0) {
            continue;
          }
          if (out >= 0 && s - out <= LIGHT) {
            out = s + 1;
            heats += fire[d][s];
          } else {
            sum += out < 0 ? 0 : (out - lit) * SLOT;
            sum += heats == 1 ? 100_000 : 0;
            lit = s - LIGHT;
            out = s + 1;
            heats = fire[d][s];
          }
        }
        sum += out < 0 ? 0 : (out - lit) * SLOT;
        sum += heats == 1 ? 100_000 : 0;
      }
      return sum;
    }
  }

  @Test
  void mostAreTheBestThereIs() {
    List<Double> over =
        IntStream.range(0, SHOPS)
            .parallel()
            .mapToObj(seed -> {
              WorkQuestion question = question(seed);
              WorkPlan plan =
                  new TimefoldWorkPlanner()
                      .plan(
                          question,
                          new WorkPlanner.Effort(seed, 3000, 600_000),
                          () -> true,
                          p -> {});
              WorkPlanCost cost = new WorkPlanCost.Scale(question).of(plan);
              assertThat(cost.unplacedMin()).isZero();
              assertThat(cost.loneHeats()).isZero();
              int best = new EveryStart(question, cost.workAndFireMin()).best();
              return cost.workAndFireMin() / (double) best - 1;
            })
            .toList();
    long exact = over.stream().filter(o -> o < 1e-9).count();
    double most = over.stream().mapToDouble(o -> o).max().orElse(0);
    System.out.printf(
        Locale.ROOT, "measured: %d of %d the best, most over %.3f%n", exact, SHOPS, most);
    assertThat(exact).isGreaterThanOrEqualTo((long) Math.ceil(SHOPS * 0.95));
    assertThat(most).isLessThan(0.05);
  }
}
