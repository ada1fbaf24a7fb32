package app.geminal.workplan;

import app.geminal.validation.OrderedCopies;
import app.geminal.validation.Require;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What is to be planned.
 *
 * @param from first day
 * @param days how many, 1 to 60
 * @param nowMin first minute in which something can begin
 * @param people at least one
 * @param jobs billets with work left, at most 40
 * @param rules of the shop
 * @param forgeDays the days on which the forge may be lit; empty for any
 * @param pinnedMin where tasks stay that were put there by hand, by id
 */
public record WorkQuestion(
    LocalDate from,
    int days,
    int nowMin,
    List<Person> people,
    List<Job> jobs,
    WorkRules rules,
    Set<LocalDate> forgeDays,
    Map<String, Integer> pinnedMin) {
  /** Minutes of a day. */
  public static final int DAY_MIN = 24 * 60;

  /** Checks every field. */
  public WorkQuestion {
    Require.count("days", days, 1, 60);
    Require.count("nowMin", nowMin, 0, days * DAY_MIN);
    people = Require.list("people", people, 1, 6);
    jobs = Require.list("jobs", jobs, 0, 40);
    forgeDays = OrderedCopies.copyOf(forgeDays);
    pinnedMin = OrderedCopies.copyOf(pinnedMin);
  }

  /** All tasks, billet by billet. */
  public Stream<Task> tasks() {
    return jobs.stream().flatMap(j -> j.tasks().stream());
  }

  /** Which day of the plan a day is, from 0; may be outside of it. */
  public int dayOf(LocalDate day) {
    return Math.toIntExact(java.time.temporal.ChronoUnit.DAYS.between(from, day));
  }

  /** The same with the forge lit on some days only; on any where there are none. */
  public WorkQuestion withForgeDays(Set<LocalDate> newForgeDays) {
    return new WorkQuestion(from, days, nowMin, people, jobs, rules, newForgeDays, pinnedMin);
  }

  /** The same with other people or hours. */
  public WorkQuestion withPeople(List<Person> newPeople) {
    return new WorkQuestion(from, days, nowMin, newPeople, jobs, rules, forgeDays, pinnedMin);
  }

  /** The same with other billets. */
  public WorkQuestion withJobs(List<Job> newJobs) {
    return new WorkQuestion(from, days, nowMin, people, newJobs, rules, forgeDays, pinnedMin);
  }

  /** The same with other rules. */
  public WorkQuestion withRules(WorkRules newRules) {
    return new WorkQuestion(from, days, nowMin, people, jobs, newRules, forgeDays, pinnedMin);
  }

  /** The same with tasks put elsewhere by hand. */
  public WorkQuestion withPinned(Map<String, Integer> newPinnedMin) {
    return new WorkQuestion(from, days, nowMin, people, jobs, rules, forgeDays, newPinnedMin);
  }
}
