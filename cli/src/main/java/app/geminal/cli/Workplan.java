package app.geminal.cli;

import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.planner.TimefoldWorkPlanner;
import app.geminal.shop.Shop;
import app.geminal.units.Units;
import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;
import app.geminal.workplan.BilletTasks;
import app.geminal.workplan.Job;
import app.geminal.workplan.LateBillet;
import app.geminal.workplan.LateBillets;
import app.geminal.workplan.Person;
import app.geminal.workplan.Span;
import app.geminal.workplan.TaskKind;
import app.geminal.workplan.TaskPace;
import app.geminal.workplan.WorkPlan;
import app.geminal.workplan.WorkPlanner;
import app.geminal.workplan.WorkQuestion;
import app.geminal.workplan.WorkRules;
import java.io.PrintWriter;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** When to do what of several plans. */
@Command(
    name = "workplan",
    resourceBundle = "app.geminal.cli.usage",
    mixinStandardHelpOptions = true)
final class Workplan implements Callable<Integer> {
  /** For each change that is tried for a late billet. */
  private static final int STEPS_AGAIN = 200;

  @Parameters(arity = "1..40", paramLabel = "PLAN", descriptionKey = "geminal.workplan.plan")
  private List<String> plans = List.of();

  @Option(names = "--from", paramLabel = "DATE", descriptionKey = "geminal.workplan.from")
  private @Nullable String from;

  @Option(names = "--days", paramLabel = "N", descriptionKey = "geminal.workplan.days")
  private int days = 14;

  @Option(
      names = "--hours",
      paramLabel = "[NAME: ]HOURS",
      descriptionKey = "geminal.workplan.hours")
  private List<String> hours = List.of("Mon-Thu 18:00-21:00, Sat 8:00-12:00 13:00-17:00");

  @Option(names = "--day", paramLabel = "DATE HOURS", descriptionKey = "geminal.workplan.day")
  private List<String> exceptions = List.of();

  @Option(names = "--due", paramLabel = "N=DATE", descriptionKey = "geminal.workplan.due")
  private Map<Integer, String> due = new LinkedHashMap<>();

  @Option(names = "--forge", paramLabel = "DAYS", descriptionKey = "geminal.workplan.forge")
  private @Nullable String forge;

  @Option(names = "--places", paramLabel = "N", descriptionKey = "geminal.workplan.places")
  private int places = WorkRules.common().forgePlaces();

  @Option(names = "--faces-keep", descriptionKey = "geminal.workplan.faces-keep")
  private boolean facesKeep;

  @Option(names = "--two-for-twist", descriptionKey = "geminal.workplan.two-for-twist")
  private boolean twoForTwist;

  @Option(names = "--steps", paramLabel = "N", descriptionKey = "geminal.workplan.steps")
  private int steps = 2000;

  @Option(names = "--seed", paramLabel = "N", descriptionKey = "geminal.workplan.seed")
  private long seed = 1;

  @Option(names = "--seconds", paramLabel = "N", descriptionKey = "geminal.workplan.seconds")
  private int seconds = 60;

  @Option(names = "--json", descriptionKey = "geminal.workplan.json")
  private boolean json;

  @Mixin private PlanOptions habits;

  @Spec private CommandSpec spec;

  @SuppressWarnings("NullAway.Init")
  Workplan() {}

  @Override
  public Integer call() {
    try {
      return planned();
    } catch (InvalidValue bad) {
      throw new UnusableInput(CliText.at(bad.path(), bad.words()).read(habits.reader()));
    }
  }

  private int planned() {
    WorkQuestion question = question();
    TimefoldWorkPlanner planner = new TimefoldWorkPlanner();
    int mostMs = 1000 * Require.count("--seconds", seconds, 1, 600);
    long endNs = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(mostMs);
    BooleanSupplier hasTime = () -> System.nanoTime() < endNs;
    WorkPlan plan =
        planner.plan(question, new WorkPlanner.Effort(seed, steps, mostMs), hasTime, _ -> {});
    WorkPlanner.Effort again = new WorkPlanner.Effort(seed, Math.min(steps, STEPS_AGAIN), mostMs);
    List<LateBillet> late = new LateBillets(planner, again, hasTime).of(question, plan);
    Units reader = habits.reader();
    PrintWriter out = spec.commandLine().getOut();
    if (json) {
      out.println(Output.json(WorkPlanJson.of(question, plan, late, reader)));
    } else {
      new WorkPlanWords(question, reader).of(plan, late).forEach(out::println);
    }
    return plan.unplaced().isEmpty() && late.isEmpty() ? 0 : Geminal.NO;
  }

  private WorkQuestion question() {
    LocalDate first =
        from == null ? LocalDate.now(ZoneId.systemDefault()) : HoursText.date("--from", from);
    Map<LocalDate, List<Span>> other = HoursText.exceptions("--day", exceptions);
    WorkRules rules =
        new WorkRules(
            places,
            WorkRules.common().lightMin(),
            facesKeep,
            twoForTwist,
            WorkRules.common().fuelSoakMin());
    List<Person> people = new ArrayList<>();
    for (String one : hours) {
      people.add(person(one, people.size() + 1, other));
    }
    return new WorkQuestion(first, days, 0, people, jobs(rules), rules, forgeDays(first), Map.of());
  }

  private static Person person(String text, int number, Map<LocalDate, List<Span>> exceptions) {
    int colon = text.indexOf(": ");
    String name =
        colon > 0
            ? text.substring(0, colon)
            : CliText.SMITH.with("number", number).read(Units.METRIC);
    return new Person(
        name,
        HoursText.week("--hours", text.substring(colon + 1), exceptions),
        EnumSet.allOf(TaskKind.class));
  }

  private Set<LocalDate> forgeDays(LocalDate first) {
    Set<LocalDate> lit = new TreeSet<>();
    if (forge != null) {
      Set<DayOfWeek> on = HoursText.daysOfWeek("--forge", forge);
      first
          .datesUntil(first.plusDays(days))
          .filter(d -> on.contains(d.getDayOfWeek()))
          .forEach(lit::add);
    }
    return lit;
  }

  private List<Job> jobs(WorkRules rules) {
    Shop shop = habits.shop();
    for (int number : due.keySet()) {
      if (number < 1 || number > plans.size()) {
        throw new InvalidValue(
            "--due", CliText.WRITE_AS_IN_HELP.with("given", String.valueOf(number)));
      }
    }
    List<Job> jobs = new ArrayList<>();
    for (NamedPlan plan : NamedPlan.all(plans, habits)) {
      int number = jobs.size() + 1;
      HeatPlanner heats =
          new HeatPlanner(plan.source().steels(), shop, ShopKnowledge.nothing(), Map.of());
      String dueOn = due.get(number);
      jobs.add(
          new BilletTasks(shop, rules, heats, TaskPace.USUAL)
              .job(
                  number,
                  plan.name(),
                  dueOn == null ? null : HoursText.date("--due", dueOn),
                  plan.run(),
                  BilletTasks.DoneSoFar.NOTHING));
    }
    return jobs;
  }
}
