package app.geminal.workplan;

import app.geminal.text.Message;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Says why billets are late, and what would have them done in time. Nothing is guessed: each change
 * is planned again, and named only where the billet then is in time.
 *
 * @param planner that plans again
 * @param effort for each change that is tried
 * @param shouldContinue asked before each change; what was found so far is the answer once it says
 *     no
 */
public record LateBillets(
    WorkPlanner planner, WorkPlanner.Effort effort, BooleanSupplier shouldContinue) {
  /** More hours of work on one day that are tried, the fewest first. */
  private static final List<Integer> MORE_MIN = List.of(60, 120, 180, 240, 360, 480);

  /** When a day without hours would begin. */
  private static final int MORNING_MIN = 9 * 60;

  /** Late billets of a plan, in the order of the question. */
  public List<LateBillet> of(WorkQuestion question, WorkPlan plan) {
    List<LateBillet> found = new ArrayList<>();
    for (Job job : question.jobs()) {
      LocalDate dueOn = job.dueOn();
      if (dueOn != null && !isInTime(question, plan, job)) {
        found.add(new Late(question, job, dueOn).explained(plan));
      }
    }
    return found;
  }

  private static boolean isInTime(WorkQuestion question, WorkPlan plan, Job job) {
    LocalDate dueOn = job.dueOn();
    return dueOn == null || endsOn(question, plan, job).filter(d -> !d.isAfter(dueOn)).isPresent();
  }

  /** The day a billet is finished on; empty where not all of it has room. */
  private static Optional<LocalDate> endsOn(WorkQuestion question, WorkPlan plan, Job job) {
    boolean isWhole = plan.unplaced().stream().noneMatch(t -> t.billetId() == job.billetId());
    int lastMin = Math.max(0, plan.endMin(job.billetId()) - 1);
    return isWhole
        ? Optional.of(question.from().plusDays(lastMin / WorkQuestion.DAY_MIN))
        : Optional.empty();
  }

  /** One billet that is late. */
  private final class Late {
    private final WorkQuestion question;
    private final Job job;
    private final LocalDate dueOn;
    private final WorkQuestion alone;
    private final WorkPlan planAlone;

    Late(WorkQuestion question, Job job, LocalDate dueOn) {
      this.question = question;
      this.job = job;
      this.dueOn = dueOn;
      this.alone = question.withJobs(List.of(job));
      this.planAlone = planned(alone);
    }

    LateBillet explained(WorkPlan plan) {
      List<Message> helps = new ArrayList<>();
      LateBillet.Cause cause;
      if (isInTime(alone, planAlone, job)) {
        cause = LateBillet.Cause.OTHER_BILLETS;
        otherBillets(helps);
      } else {
        cause = hours(helps);
      }
      return new LateBillet(
          job.billetId(),
          job.name(),
          dueOn,
          endsOn(question, plan, job).orElse(null),
          cause,
          helps);
    }

    /** Whether the billet is in time with a change. */
    private boolean isInTimeWith(WorkQuestion changed) {
      return shouldContinue.getAsBoolean() && isInTime(changed, planned(changed), job);
    }

    private WorkPlan planned(WorkQuestion changed) {
      return planner.plan(changed, effort, shouldContinue, _ -> {});
    }

    private void otherBillets(List<Message> helps) {
      for (Job other : question.jobs()) {
        List<Job> without = question.jobs().stream().filter(j -> !j.equals(other)).toList();
        if (!other.equals(job) && isInTimeWith(question.withJobs(without))) {
          helps.add(WorkPlanText.LEAVE_FOR_LATER.with("name", other.name()));
        }
      }
      moreHours(question, helps);
    }

    private LateBillet.Cause hours(List<Message> helps) {
      LateBillet.Cause cause = LateBillet.Cause.HOURS;
      if (!question.forgeDays().isEmpty()) {
        WorkQuestion anyDay = alone.withForgeDays(Set.of());
        WorkPlan plan = planned(anyDay);
        if (isInTime(anyDay, plan, job)) {
          cause = LateBillet.Cause.FORGE_DAYS;
          helps.add(WorkPlanText.LIGHT_ON.with("days", days(otherForgeDays(plan))));
        }
      }
      WorkRules rules = question.rules();
      if (!rules.facesKeep() && isInTimeWith(alone.withRules(withFacesKept(rules)))) {
        helps.add(WorkPlanText.PROTECT_FACES.with());
      }
      int most = longestMin();
      if (cause == LateBillet.Cause.HOURS
          && job.tasks().stream().anyMatch(t -> t.minutes() > most)) {
        cause = LateBillet.Cause.LONG_TASK;
      }
      moreHours(alone, helps);
      if (helps.isEmpty()) {
        endsOn(alone, planAlone, job)
            .ifPresent(d -> helps.add(WorkPlanText.EARLIEST_DAY.with("day", d.toString())));
      }
      return cause;
    }

    private Set<LocalDate> otherForgeDays(WorkPlan plan) {
      Set<LocalDate> days = new TreeSet<>();
      for (WorkPlan.Firing firing : plan.firings()) {
        LocalDate day = question.from().plusDays(firing.lit().fromMin() / WorkQuestion.DAY_MIN);
        if (!question.forgeDays().contains(day)) {
          days.add(day);
        }
      }
      return days;
    }

    private static String days(Set<LocalDate> days) {
      return String.join(", ", days.stream().map(LocalDate::toString).toList());
    }

    private static WorkRules withFacesKept(WorkRules rules) {
      return new WorkRules(
          rules.forgePlaces(), rules.lightMin(), true, rules.twoForTwist(), rules.fuelSoakMin());
    }

    /**
     * Days of the plan from now on, to the one the billet is due on; none where that has passed.
     */
    private List<LocalDate> daysUntilDue() {
      return IntStream.range(question.nowMin() / WorkQuestion.DAY_MIN, question.days())
          .mapToObj(question.from()::plusDays)
          .takeWhile(d -> !d.isAfter(dueOn))
          .toList();
    }

    /** The longest anyone is at the shop without a break until the billet is due. */
    private int longestMin() {
      return question.people().stream()
          .flatMap(p -> daysUntilDue().stream().flatMap(d -> p.hours().on(d).stream()))
          .mapToInt(Span::minutes)
          .max()
          .orElse(0);
    }

    /** The fewest hours more on one day until then, of the first person. */
    private void moreHours(WorkQuestion of, List<Message> helps) {
      Person first = of.people().getFirst();
      List<LocalDate> lastFirst = daysUntilDue().reversed();
      for (int more : MORE_MIN) {
        for (LocalDate day : lastFirst) {
          Optional<List<Span>> longer = longer(first.hours().on(day), more);
          if (longer.isPresent() && isInTimeWith(withHours(of, first, day, longer.get()))) {
            helps.add(
                WorkPlanText.MORE_HOURS.with(
                    "who", first.name(), "day", day.toString(), "hours", more / 60));
            return;
          }
        }
      }
    }

    private Optional<List<Span>> longer(List<Span> hours, int moreMin) {
      List<Span> longer = new ArrayList<>(hours);
      Span last =
          longer.isEmpty()
              ? new Span(MORNING_MIN, MORNING_MIN + moreMin)
              : new Span(longer.removeLast().fromMin(), hours.getLast().toMin() + moreMin);
      longer.add(last);
      return last.toMin() <= WorkQuestion.DAY_MIN ? Optional.of(longer) : Optional.empty();
    }

    private WorkQuestion withHours(
        WorkQuestion of, Person person, LocalDate day, List<Span> hours) {
      Map<LocalDate, List<Span>> exceptions = new TreeMap<>(person.hours().exceptions());
      exceptions.put(day, hours);
      List<Person> people = new ArrayList<>(of.people());
      WorkHours longer = new WorkHours(person.hours().weekly(), exceptions);
      people.set(0, new Person(person.name(), longer, person.does()));
      return of.withPeople(people);
    }
  }
}
