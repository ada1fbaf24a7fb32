package app.geminal.workplan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What no plan can be better than.
 *
 * @param workMin minutes someone is at the shop until the end: what hands need at least, or what
 *     the longest chain of a billet takes when it has the shop alone
 * @param fireMin minutes the forge burns: all heats side by side in its places, and lit as often as
 *     a day's hours demand
 */
public record LeastPossible(double workMin, double fireMin) {
  private static final int DAY = 24 * 60;

  /** For a question. */
  public static LeastPossible of(WorkQuestion question) {
    WorkPlanCost.Scale scale = new WorkPlanCost.Scale(question);
    double hands = 0;
    for (Task task : question.tasks().toList()) {
      hands +=
          task.kind().needsFire()
              ? insideMin(task) / (double) question.rules().forgePlaces()
              : task.handsMin() * (double) task.people();
    }
    // Only as many hands as there are people.
    double least = 0;
    int end = question.days() * DAY;
    double left = hands;
    for (int d = 0; d < question.days() && left > 0; d++) {
      double there = 0;
      for (Person person : question.people()) {
        for (Span span : person.hours().on(question.from().plusDays(d))) {
          int from = Math.max(span.fromMin(), question.nowMin() - d * DAY);
          there += Math.max(0, span.toMin() - from);
        }
      }
      if (there >= left) {
        end = d * DAY;
      }
      least = scale.openMin((d + 1) * DAY);
      if (there >= left) {
        // Part of the day, by all that are there.
        double open = scale.openMin((d + 1) * DAY) - scale.openMin(d * DAY);
        least = scale.openMin(end) + open * left / Math.max(there, 1);
      }
      left -= there;
    }
    for (Job job : question.jobs()) {
      least = Math.max(least, alone(question, job, scale));
    }
    return new LeastPossible(least, fire(question));
  }

  /**
   * From the first time hands are on a bar in the fire to the last: between them they can do
   * nothing that takes longer than a soak, but take other bars out of the same fire.
   */
  private static int insideMin(Task task) {
    int first = task.hands().getFirst().fromMin();
    return task.hands().getLast().toMin() - first;
  }

  /** The end of a billet that has the shop alone; exact for a chain. */
  private static double alone(WorkQuestion question, Job job, WorkPlanCost.Scale scale) {
    WorkQuestion only = question.withJobs(List.of(job));
    WorkPlanBuilder builder = new WorkPlanBuilder(only);
    List<Integer> ranks = new ArrayList<>();
    for (int g = 0; g < builder.tasks(); g++) {
      ranks.add(g);
    }
    WorkPlan plan = builder.build(ranks, java.util.Collections.nCopies(only.days(), true));
    return plan.unplaced().isEmpty() ? scale.openMin(plan.endMin()) : 0;
  }

  private static double fire(WorkQuestion question) {
    double inForge = 0;
    Map<Long, Double> chain = new HashMap<>();
    for (Task task : question.tasks().toList()) {
      if (task.kind().needsFire()) {
        inForge += task.forgeMin();
        int last =
            task.uses().stream()
                .filter(u -> u.station() == Station.FORGE)
                .mapToInt(u -> u.when().toMin())
                .max()
                .orElse(0);
        chain.merge(task.billetId(), (double) last, Double::sum);
      }
    }
    double places = question.rules().forgePlaces();
    double longestChain = chain.values().stream().mapToDouble(c -> c).max().orElse(0);
    double burning = Math.max(inForge / places, longestChain);
    double firings = Math.max(1, firings(question));
    return burning + firings * question.rules().lightMin();
  }

  /** Days it takes at least to weld what must be prepared on the same day, longest days first. */
  private static int firings(WorkQuestion question) {
    double left = 0;
    for (Job job : question.jobs()) {
      Map<String, Task> byId = new HashMap<>();
      job.tasks().forEach(t -> byId.put(t.id(), t));
      for (Task task : job.tasks()) {
        if (task.kind() == TaskKind.WELD) {
          left += insideMin(task) / (double) question.rules().forgePlaces();
          left +=
              job.links().stream()
                  .filter(l -> l.sameDay() && l.after().equals(task.id()))
                  .mapToInt(l -> byId.get(l.before()).handsMin())
                  .sum();
        }
      }
    }
    List<Integer> days = new ArrayList<>();
    for (int d = 0; d < question.days(); d++) {
      int there = 0;
      for (Span span : question.people().getFirst().hours().on(question.from().plusDays(d))) {
        there += span.minutes();
      }
      days.add(there);
    }
    days.sort(java.util.Comparator.reverseOrder());
    int firings = 0;
    for (int there : days) {
      if (left > 0) {
        firings++;
        left -= there;
      }
    }
    return firings;
  }
}
