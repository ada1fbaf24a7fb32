package app.geminal.workplan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What a work plan is worth; less is better. What is named first counts first.
 *
 * @param unplacedMin minutes of tasks there is no room for
 * @param loneHeats times the forge is lit for one heat
 * @param lateDays days that billets are late, together
 * @param workAndFireMin minutes in which someone is at the shop until the end, and minutes the
 *     forge burns
 * @param finishMin mean minute in which a billet is finished
 */
public record WorkPlanCost(
    int unplacedMin, int loneHeats, int lateDays, int workAndFireMin, int finishMin)
    implements Comparable<WorkPlanCost> {
  private static final Comparator<WorkPlanCost> ORDER =
      Comparator.comparingInt(WorkPlanCost::unplacedMin)
          .thenComparingInt(WorkPlanCost::loneHeats)
          .thenComparingInt(WorkPlanCost::lateDays)
          .thenComparingInt(WorkPlanCost::workAndFireMin)
          .thenComparingInt(WorkPlanCost::finishMin);

  @Override
  public int compareTo(WorkPlanCost that) {
    return ORDER.compare(this, that);
  }

  /** Says what plans of one question are worth. */
  public static final class Scale {
    private final WorkQuestion question;
    private final List<Span> open = new ArrayList<>();
    private final int heats;

    /** For one question. */
    public Scale(WorkQuestion question) {
      this.question = question;
      for (int d = 0; d < question.days(); d++) {
        open.addAll(open(d));
      }
      heats = question.tasks().mapToInt(Task::heats).sum();
    }

    /** When anyone is at the shop on a day. */
    private List<Span> open(int day) {
      List<Span> all =
          question.people().stream()
              .flatMap(p -> p.hours().on(question.from().plusDays(day)).stream())
              .map(s -> s.later(day * WorkQuestion.DAY_MIN))
              .sorted(Comparator.comparingInt(Span::fromMin))
              .toList();
      List<Span> merged = new ArrayList<>();
      for (Span next : all) {
        if (!merged.isEmpty() && next.fromMin() <= merged.getLast().toMin()) {
          Span last = merged.removeLast();
          merged.add(new Span(last.fromMin(), Math.max(last.toMin(), next.toMin())));
        } else {
          merged.add(next);
        }
      }
      return merged;
    }

    /** Minutes in which someone is at the shop, from now to a minute of the plan. */
    public int openMin(int untilMin) {
      int sum = 0;
      for (Span span : open) {
        int from = Math.max(span.fromMin(), question.nowMin());
        sum += Math.max(0, Math.min(span.toMin(), untilMin) - from);
      }
      return sum;
    }

    /** What a plan is worth. */
    public WorkPlanCost of(WorkPlan plan) {
      int unplaced = plan.unplaced().stream().mapToInt(Task::minutes).sum();
      int lone = heats == 1 ? 0 : (int) plan.firings().stream().filter(f -> f.heats() == 1).count();
      int late = 0;
      long finish = 0;
      for (Job job : question.jobs()) {
        int end = plan.endMin(job.billetId());
        finish += end;
        if (job.dueOn() != null && end > 0) {
          late += Math.max(0, (end - 1) / WorkQuestion.DAY_MIN - question.dayOf(job.dueOn()));
        }
      }
      return new WorkPlanCost(
          unplaced,
          lone,
          late,
          openMin(plan.endMin()) + plan.forgeOnMin(),
          (int) (finish / Math.max(1, question.jobs().size())));
    }
  }
}
