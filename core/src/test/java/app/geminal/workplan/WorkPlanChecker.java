package app.geminal.workplan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Looks at a work plan minute by minute and names every rule that it breaks. Shares nothing with
 * what makes plans.
 */
public final class WorkPlanChecker {
  private static final int DAY = 24 * 60;

  private WorkPlanChecker() {}

  /** What is broken; none in a good plan. */
  public static List<String> broken(WorkPlan plan, WorkQuestion question) {
    List<String> broken = new ArrayList<>();
    Map<String, WorkPlan.Placed> at = new HashMap<>();
    plan.placed()
        .forEach(p -> {
          if (at.put(p.task().id(), p) != null) {
            broken.add(p.task().id() + " twice");
          }
        });
    long all = question.jobs().stream().mapToLong(j -> j.tasks().size()).sum();
    if (at.size() + plan.unplaced().size() != all) {
      broken.add("lost tasks");
    }
    for (Job job : question.jobs()) {
      for (TaskLink link : job.links()) {
        WorkPlan.Placed first = at.get(link.before());
        WorkPlan.Placed second = at.get(link.after());
        if (second != null && first == null) {
          broken.add(link + " without the first");
        }
        if (first == null || second == null) {
          continue;
        }
        if (second.startMin() < first.startMin() + first.task().minutes() + link.waitMin()) {
          broken.add(link + " too soon");
        }
        if (link.sameDay() && first.startMin() / DAY != second.startMin() / DAY) {
          broken.add(link + " on another day");
        }
      }
    }
    plan.placed().forEach(p -> look(p, question, broken));
    counted(plan, question, broken);
    return broken;
  }

  private static void look(WorkPlan.Placed p, WorkQuestion question, List<String> broken) {
    int light = p.task().kind().needsFire() ? question.rules().lightMin() : 0;
    if (p.startMin() < question.nowMin()) {
      broken.add(p.task().id() + " in the past");
    }
    if (p.people().size() != p.task().people()) {
      broken.add(p.task().id() + " with too few people");
    }
    if (p.people().stream()
        .noneMatch(w -> question.people().get(w).does().contains(p.task().kind()))) {
      broken.add(p.task().id() + " by no one who can");
    }
    for (int who : p.people()) {
      int before = who == p.people().getFirst() ? light : 0;
      for (int minute = p.startMin() - before; minute < p.endMin(); minute++) {
        if (!isThere(question, who, minute)) {
          broken.add(p.task().id() + " out of hours at " + minute);
          break;
        }
      }
    }
    LocalDate day = question.from().plusDays(p.startMin() / DAY);
    if (light > 0 && !question.forgeDays().isEmpty() && !question.forgeDays().contains(day)) {
      broken.add(p.task().id() + " on a day without fire");
    }
  }

  private static boolean isThere(WorkQuestion question, int who, int minute) {
    LocalDate day = question.from().plusDays(minute / DAY);
    int of = minute % DAY;
    return question.people().get(who).hours().on(day).stream()
        .anyMatch(s -> s.fromMin() <= of && of < s.toMin());
  }

  private static void counted(WorkPlan plan, WorkQuestion question, List<String> broken) {
    int end = question.days() * DAY;
    int[][] busy = new int[question.people().size()][end];
    Map<Station, int[]> used = new HashMap<>();
    for (WorkPlan.Placed p : plan.placed()) {
      for (Span hands : p.task().hands()) {
        for (int who : p.people()) {
          count(busy[who], p.startMin(), hands);
        }
      }
      for (Task.Use use : p.task().uses()) {
        count(used.computeIfAbsent(use.station(), _ -> new int[end]), p.startMin(), use.when());
      }
    }
    for (int who = 0; who < busy.length; who++) {
      most(busy[who], 1, question.people().get(who).name(), broken);
    }
    used.forEach((station, times) -> {
      int places = station == Station.FORGE ? question.rules().forgePlaces() : 1;
      most(times, places, station.name(), broken);
    });
    int lit = 0;
    boolean[] on = new boolean[end];
    for (WorkPlan.Firing firing : plan.firings()) {
      for (int m = firing.lit().fromMin(); m < firing.lit().toMin(); m++) {
        on[m] = true;
        lit++;
      }
    }
    if (lit != plan.forgeOnMin()) {
      broken.add("firings overlap");
    }
    int[] inFire = used.getOrDefault(Station.FORGE, new int[end]);
    for (int m = 0; m < end; m++) {
      if (inFire[m] > 0 && !on[m]) {
        broken.add("steel in a cold forge at " + m);
        break;
      }
    }
  }

  private static void count(int[] times, int start, Span span) {
    for (int m = start + span.fromMin(); m < start + span.toMin(); m++) {
      times[m]++;
    }
  }

  private static void most(int[] times, int places, String what, List<String> broken) {
    for (int m = 0; m < times.length; m++) {
      if (times[m] > places) {
        broken.add(what + " busy " + times[m] + " times at " + m);
        return;
      }
    }
  }
}
