package app.geminal.workplan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays the tasks of a question out, one after the other, each as early as people, stations, waits
 * and rules allow. What is chosen is only which task comes first of those that could come next, and
 * on which days the forge is lit; every plan made so keeps the rules, but perhaps leaves tasks out
 * for which there is no room, and may light the forge for one heat.
 *
 * <p>The first of tasks that must be done on one day is put where all of them have room. Others may
 * come between them, so that two stacks are prepared and then welded in one fire; where those take
 * the room, the whole group is moved to a later day.
 *
 * <p>Not for threads: what is laid out is kept in fields while it is.
 */
public final class WorkPlanBuilder {
  private final WorkQuestion question;
  private final List<Task> tasks;
  private final TaskGroups groups;

  /** For each task: numbers of those before it, and the wait after each. */
  private final int[][] before;

  private final int[][] waits;

  private final int[] notBefore;
  private final boolean[] isPinned;

  /** For each task: who can do it, one or two people at a time. */
  private final List<List<int[]>> crews = new ArrayList<>();

  /** Hours by person and day. */
  private final List<List<List<Span>>> hours = new ArrayList<>();

  private final boolean[] mayBeLit;

  /** When each person is busy, by day. */
  private final List<List<BusyTimes>> people;

  /** When each station is busy, by day. */
  private final Map<Station, List<BusyTimes>> stations = new EnumMap<>(Station.class);

  private final int[] start;
  private final int[][] crewOf;

  /** Works out what does not depend on what is chosen. */
  public WorkPlanBuilder(WorkQuestion question) {
    this.question = question;
    this.tasks = question.tasks().toList();
    List<TaskLink> links = question.jobs().stream().flatMap(j -> j.links().stream()).toList();
    this.groups = TaskGroups.of(tasks, links);
    Map<String, Integer> number = new HashMap<>();
    for (int i = 0; i < tasks.size(); i++) {
      number.put(tasks.get(i).id(), i);
    }
    before = new int[tasks.size()][];
    waits = new int[tasks.size()][];
    notBefore = new int[tasks.size()];
    isPinned = new boolean[tasks.size()];
    Map<String, Integer> earliest = new HashMap<>();
    question.jobs().forEach(j -> earliest.putAll(j.notBeforeMin()));
    for (int i = 0; i < tasks.size(); i++) {
      String id = tasks.get(i).id();
      List<TaskLink> to =
          links.stream()
              .filter(l -> l.after().equals(id) && number.containsKey(l.before()))
              .toList();
      before[i] = to.stream().mapToInt(l -> number.getOrDefault(l.before(), 0)).toArray();
      waits[i] = to.stream().mapToInt(TaskLink::waitMin).toArray();
      notBefore[i] = Math.max(question.nowMin(), earliest.getOrDefault(id, 0));
      Integer pin = question.pinnedMin().get(id);
      isPinned[i] = pin != null;
      if (pin != null) {
        notBefore[i] = Math.max(notBefore[i], pin);
      }
      crews.add(crews(tasks.get(i)));
    }
    for (Person person : question.people()) {
      hours.add(
          IntStream.range(0, question.days())
              .mapToObj(d ->
                  person.hours().on(question.from().plusDays(d)).stream()
                      .map(s -> s.later(d * WorkQuestion.DAY_MIN))
                      .toList())
              .toList());
    }
    mayBeLit = new boolean[question.days()];
    for (int d = 0; d < mayBeLit.length; d++) {
      mayBeLit[d] =
          question.forgeDays().isEmpty()
              || question.forgeDays().contains(question.from().plusDays(d));
    }
    people = question.people().stream().map(_ -> days()).toList();
    for (Station station : Station.values()) {
      stations.put(station, days());
    }
    start = new int[tasks.size()];
    crewOf = new int[tasks.size()][];
  }

  private List<BusyTimes> days() {
    return Stream.generate(BusyTimes::new).limit(question.days()).toList();
  }

  private List<int[]> crews(Task task) {
    List<int[]> found = new ArrayList<>();
    for (int first = 0; first < question.people().size(); first++) {
      if (!question.people().get(first).does().contains(task.kind())) {
        continue;
      }
      if (task.people() == 1) {
        found.add(new int[] {first});
      }
      for (int second = 0; task.people() == 2 && second < question.people().size(); second++) {
        if (second != first) {
          found.add(new int[] {first, second});
        }
      }
    }
    return found;
  }

  /** How many tasks there are to put in order. */
  public int tasks() {
    return tasks.size();
  }

  /**
   * Lays everything out.
   *
   * @param priorities of the tasks; of those that can come next the one with the least comes
   * @param isLit the days on which the forge is lit, of those on which it may be
   */
  public WorkPlan build(List<Integer> priorities, List<Boolean> isLit) {
    Arrays.fill(start, -1);
    people.forEach(days -> days.forEach(BusyTimes::clear));
    stations.values().forEach(days -> days.forEach(BusyTimes::clear));
    boolean[] isSettled = new boolean[tasks.size()];
    boolean[] isOut = new boolean[tasks.size()];
    for (int n = 0; n < tasks.size(); n++) {
      int next = next(priorities, isSettled);
      isSettled[next] = true;
      if (start[next] >= 0 || isOut[next]) {
        continue;
      }
      boolean hasWay = Arrays.stream(before[next]).noneMatch(b -> isOut[b]);
      if (!hasWay || !placed(next, isLit)) {
        leaveOut(next, isOut);
      }
    }
    return plan();
  }

  /** A task without room takes those with it that must be done on the same day. */
  private void leaveOut(int task, boolean[] isOut) {
    for (int together : groupOf(task)) {
      isOut[together] = true;
      if (start[together] >= 0) {
        takeBack(together);
      }
    }
  }

  private List<Integer> groupOf(int task) {
    return groups.groups().get(groups.of().get(task));
  }

  /** The task that comes next; those put somewhere by hand first. */
  private int next(List<Integer> priorities, boolean[] isSettled) {
    int best = -1;
    long least = Long.MAX_VALUE;
    for (int t = 0; t < isSettled.length; t++) {
      if (isSettled[t] || !areSettled(before[t], isSettled)) {
        continue;
      }
      long rank = isPinned[t] ? (long) t - isSettled.length : priorities.get(t) * 1000L + t;
      if (rank < least) {
        least = rank;
        best = t;
      }
    }
    if (best < 0) {
      throw new IllegalStateException("The tasks wait for each other in a circle.");
    }
    return best;
  }

  private static boolean areSettled(int[] all, boolean[] isSettled) {
    for (int b : all) {
      if (!isSettled[b]) {
        return false;
      }
    }
    return true;
  }

  /** Places a task, alone or where its whole group has room. */
  private boolean placed(int task, List<Boolean> isLit) {
    List<Integer> together = groupOf(task);
    List<Integer> there = together.stream().filter(t -> start[t] >= 0).toList();
    if (there.isEmpty()) {
      if (!placedTogether(earliest(task) / WorkQuestion.DAY_MIN, together, isLit)) {
        return false;
      }
      // The others wait for their own turn: something may come between.
      together.stream().filter(t -> t != task).forEach(this::takeBack);
      return true;
    }
    int day = start[there.getFirst()] / WorkQuestion.DAY_MIN;
    if (placedOn(day, task, Math.max(earliest(task), day * WorkQuestion.DAY_MIN))) {
      return true;
    }
    there.forEach(this::takeBack);
    return placedTogether(day + 1, together, isLit);
  }

  /** All of a group on the first day that has room for them, from one on. */
  private boolean placedTogether(int fromDay, List<Integer> together, List<Boolean> isLit) {
    boolean needsFire = together.stream().anyMatch(t -> tasks.get(t).kind().needsFire());
    for (int day = fromDay; day < question.days(); day++) {
      boolean isCold = !mayBeLit[day] || !isLit.get(day);
      if (!(needsFire && isCold) && placedOn(day, together)) {
        return true;
      }
    }
    return false;
  }

  /** All tasks of a group on one day, or none. */
  private boolean placedOn(int day, List<Integer> together) {
    for (int i = 0; i < together.size(); i++) {
      int task = together.get(i);
      int from = Math.max(earliest(task), day * WorkQuestion.DAY_MIN);
      if (!placedOn(day, task, from)) {
        for (int taken : together.subList(0, i).reversed()) {
          takeBack(taken);
        }
        return false;
      }
    }
    return true;
  }

  private int earliest(int task) {
    int earliest = notBefore[task];
    for (int i = 0; i < before[task].length; i++) {
      int b = before[task][i];
      if (start[b] >= 0) {
        earliest = Math.max(earliest, start[b] + tasks.get(b).minutes() + waits[task][i]);
      }
    }
    return earliest;
  }

  private boolean placedOn(int day, int task, int from) {
    int soonest = Integer.MAX_VALUE;
    int[] who = {};
    for (int[] crew : crews.get(task)) {
      int at = soonest(day, tasks.get(task), crew, from);
      if (at < soonest) {
        soonest = at;
        who = crew;
      }
    }
    if (soonest == Integer.MAX_VALUE) {
      return false;
    }
    start[task] = soonest;
    crewOf[task] = who;
    for (Span hands : tasks.get(task).hands()) {
      for (int person : who) {
        people.get(person).get(day).add(soonest + hands.fromMin(), soonest + hands.toMin());
      }
    }
    for (Task.Use use : tasks.get(task).uses()) {
      busy(use.station(), day).add(soonest + use.when().fromMin(), soonest + use.when().toMin());
    }
    return true;
  }

  private void takeBack(int task) {
    int at = start[task];
    int day = at / WorkQuestion.DAY_MIN;
    for (Span hands : tasks.get(task).hands()) {
      for (int person : crewOf[task]) {
        people.get(person).get(day).remove(at + hands.fromMin(), at + hands.toMin());
      }
    }
    for (Task.Use use : tasks.get(task).uses()) {
      busy(use.station(), day).remove(at + use.when().fromMin(), at + use.when().toMin());
    }
    start[task] = -1;
  }

  private BusyTimes busy(Station station, int day) {
    return Objects.requireNonNull(stations.get(station)).get(day);
  }

  /** The first minute of a day at which a task fits; the largest number where it does not. */
  private int soonest(int day, Task task, int[] crew, int from) {
    // The forge is lit by someone who is there.
    int lighting = task.kind().needsFire() ? question.rules().lightMin() : 0;
    for (Span there : hours.get(crew[0]).get(day)) {
      int at = Math.max(from, there.fromMin() + lighting);
      while (at + task.minutes() <= there.toMin()) {
        int next = waitsUntil(day, task, crew, at);
        if (next == 0) {
          return at;
        }
        at = next;
      }
    }
    return Integer.MAX_VALUE;
  }

  /** A later minute at which a task may fit; 0 where it fits now. */
  private int waitsUntil(int day, Task task, int[] crew, int at) {
    for (int i = 1; i < crew.length; i++) {
      Span whole = new Span(at, at + task.minutes());
      List<Span> there = hours.get(crew[i]).get(day);
      if (there.stream().noneMatch(s -> s.contains(whole))) {
        return there.stream()
            .mapToInt(Span::fromMin)
            .filter(f -> f > at)
            .findFirst()
            .orElse(Integer.MAX_VALUE - task.minutes());
      }
    }
    for (Span hands : task.hands()) {
      for (int person : crew) {
        int until =
            people.get(person).get(day).waitsUntil(at + hands.fromMin(), at + hands.toMin(), 1);
        if (until > 0) {
          return until - hands.fromMin();
        }
      }
    }
    for (Task.Use use : task.uses()) {
      int places = use.station() == Station.FORGE ? question.rules().forgePlaces() : 1;
      int until =
          busy(use.station(), day)
              .waitsUntil(at + use.when().fromMin(), at + use.when().toMin(), places);
      if (until > 0) {
        return until - use.when().fromMin();
      }
    }
    return 0;
  }

  private WorkPlan plan() {
    List<WorkPlan.Placed> placed = new ArrayList<>();
    List<Task> unplaced = new ArrayList<>();
    for (int i = 0; i < start.length; i++) {
      if (start[i] < 0) {
        unplaced.add(tasks.get(i));
      } else {
        placed.add(
            new WorkPlan.Placed(tasks.get(i), start[i], Arrays.stream(crewOf[i]).boxed().toList()));
      }
    }
    placed.sort(
        Comparator.comparingInt(WorkPlan.Placed::startMin).thenComparing(p -> p.task().id()));
    return new WorkPlan(placed, firings(placed), unplaced);
  }

  /** The forge burns on between two heats where lighting it again would take as long. */
  private List<WorkPlan.Firing> firings(List<WorkPlan.Placed> placed) {
    int light = question.rules().lightMin();
    List<WorkPlan.Firing> firings = new ArrayList<>();
    int lit = 0;
    int out = -1;
    int heats = 0;
    for (WorkPlan.Placed p : placed) {
      if (!p.task().kind().needsFire()) {
        continue;
      }
      List<Span> inFire =
          p.task().uses().stream()
              .filter(u -> u.station() == Station.FORGE)
              .map(u -> u.when().later(p.startMin()))
              .toList();
      int from = inFire.stream().mapToInt(Span::fromMin).min().orElse(p.startMin());
      int to = inFire.stream().mapToInt(Span::toMin).max().orElse(p.endMin());
      boolean isSame = out >= 0 && from - out <= light && sameDay(from, out);
      if (out >= 0 && !isSame) {
        firings.add(new WorkPlan.Firing(new Span(lit, out), heats));
      }
      lit = isSame ? lit : Math.max(0, from - light);
      out = isSame ? Math.max(out, to) : to;
      heats = p.task().heats() + (isSame ? heats : 0);
    }
    if (out >= 0) {
      firings.add(new WorkPlan.Firing(new Span(lit, out), heats));
    }
    return firings;
  }

  private static boolean sameDay(int a, int b) {
    return a / WorkQuestion.DAY_MIN == (b - 1) / WorkQuestion.DAY_MIN;
  }
}
