package app.geminal.workplan;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.billet.WorkOrder;
import app.geminal.heat.BarHeat;
import app.geminal.heat.Cooling;
import app.geminal.heat.Soak;
import app.geminal.heatplan.HeatPlan;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.heatplan.SqueezePlan;
import app.geminal.layup.PartBar;
import app.geminal.operation.HotWork;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationKinds;
import app.geminal.shop.Shop;
import app.geminal.shop.TaskTimes;
import app.geminal.shop.Tool;
import app.geminal.text.Message;
import app.geminal.weld.AtmosphereProtection;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The tasks that are left of one billet, made step by step. */
final class TasksOfBillet {
  /** Three times normalized, then hardened; bench rules, learned as other work is. */
  private static final int HARDEN_HEATS = 4;

  private static final int HARDEN_HEAT_MIN = 9;
  private static final int QUENCH_MIN = 1;
  private static final int TEMPER_MIN = 120;
  private static final int ETCH_MIN = 40;
  private static final int ETCH_HANDS_MIN = 10;
  private static final int LOAD_MIN = 5;

  private final BilletTasks with;
  private final Shop shop;
  private final TaskTimes times;
  private final long billetId;
  private final Run whole;
  private final BilletTasks.DoneSoFar done;
  private final List<Task> tasks = new ArrayList<>();
  private final List<TaskLink> links = new ArrayList<>();
  private final Map<String, Integer> notBeforeMin = new LinkedHashMap<>();

  /** What the next task of a bar waits for, by the path of the part it belongs to. */
  private final Map<String, List<Wait>> waits = new HashMap<>();

  /**
   * For a task that comes before.
   *
   * @param coolMin until the bar it leaves can be handled
   * @param isGround whether it leaves faces bright
   */
  private record Wait(String task, int coolMin, boolean isGround) {}

  TasksOfBillet(BilletTasks with, long billetId, Run whole, BilletTasks.DoneSoFar done) {
    this.with = with;
    this.shop = with.shop();
    this.times = shop.taskTimes();
    this.billetId = billetId;
    this.whole = whole;
    this.done = done;
  }

  Job job(String name, @Nullable LocalDate dueOn) {
    for (WorkOrder.WorkStep step : WorkOrder.of(whole.plan(), done.steps())) {
      if (!step.done()) {
        whole.find(step.path()).ifPresent(found -> add(step.path(), found));
      }
    }
    if (whole.last().bars().form() == Form.BLADE) {
      finish();
    }
    return new Job(billetId, name, dueOn, tasks, links, notBeforeMin);
  }

  private void add(String path, Run.Found found) {
    Stage stage = found.run().stages().get(found.stage());
    Bars before = found.run().stages().get(found.stage() - 1).bars();
    Operation operation = operation(found.run(), found.stage());
    takeParts(found.part(), operation);
    if (operation.atHeat(shop.defaults()).isPresent()) {
      hot(path, found, operation, before, stage.bars());
    } else if (operation.work().cuts() > 0) {
      int cuts = operation.work().cuts();
      TaskShape shape = TaskShape.at(Station.SAW, minutes(TaskKind.SAW, cuts * times.sawMin()));
      put(found.part(), path, TaskKind.SAW, WorkPlanText.SAW.with("cuts", cuts), shape);
    } else if (!operation.brightens().isEmpty()) {
      int faces = operation.brightens().size() * before.count();
      String ground =
          put(
              found.part(),
              path,
              TaskKind.GRIND,
              WorkPlanText.GRIND.with("faces", faces),
              TaskShape.at(Station.GRINDER, minutes(TaskKind.GRIND, faces * times.facePrepMin())));
      waits.put(found.part(), List.of(new Wait(ground, 0, true)));
    }
  }

  private static Operation operation(Run run, int stage) {
    return run.stages().get(stage).step().map(Step::operation).orElseThrow();
  }

  /** Bars that are laid to another are waited for by what is done with that one. */
  private void takeParts(String part, Operation operation) {
    List<Wait> own = new ArrayList<>(waits.getOrDefault(part, List.of()));
    operation.laid().values().stream()
        .flatMap(List::stream)
        .filter(PartBar.class::isInstance)
        .map(PartBar.class::cast)
        .map(p -> part.isEmpty() ? p.part() : part + "/" + p.part())
        .distinct()
        .forEach(p -> own.addAll(waits.getOrDefault(p, List.of())));
    waits.put(part, own);
  }

  private void hot(String path, Run.Found found, Operation operation, Bars before, Bars after) {
    Optional<HeatPlan> plan = with.heatPlanner().plan(whole, path);
    boolean isWeld = operation.work().welds() > 0;
    String stacked = isWeld && before.loose() ? stack(path, found) : null;
    HotWork how = operation.hotWork(before, shop.defaults()).orElse(null);
    Station station = how == null ? Station.PRESS : station(how.tool());
    int bites = plan.map(p -> p.squeezing().bites()).orElse(1);
    double handsMin = SqueezePlan.handsMin(bites);
    TaskKind kind = isWeld ? TaskKind.WELD : TaskKind.FORGE;
    List<Integer> soaks =
        plan.map(p -> soaks(kind, p.heats(), p.soaking().firstMin(), p.soaking().againMin()))
            .orElseGet(() ->
                soaks(
                    kind,
                    operation.work().heats(),
                    fromColdMin(before),
                    shop.defaults().drawHeatMin()));
    List<Integer> each =
        Collections.nCopies(Math.max(1, before.count()), soaks).stream()
            .flatMap(List::stream)
            .toList();
    Message what = OperationKinds.of(operation).title();
    String id =
        put(
            found.part(),
            path,
            kind,
            isWeld
                ? WorkPlanText.WELD.with("what", title(found), "heats", each.size())
                : WorkPlanText.HOT_STEP.with("what", what, "heats", each.size()),
            TaskShape.inHeats(each, minutes(kind, handsMin), station),
            operation.wantsTwoPeople() && with.rules().twoForTwist() ? 2 : 1,
            plan.flatMap(HeatPlan::protection).map(this::fuelSoakMin).orElse(0),
            stacked != null);
    double celsius = how == null ? shop.defaults().drawTemperatureC() : how.celsius();
    BarHeat.Of bar = BarHeat.Of.solid(after.widthMm(), after.heightMm(), after.lengthMm());
    int coolMin = (int) Math.ceil(Cooling.minutes(bar, celsius, Cooling.TO_THE_SAW_C));
    waits.put(found.part(), List.of(new Wait(id, coolMin, false)));
  }

  private static Message title(Run.Found found) {
    return HeatPlanner.title(found.run(), found.stage());
  }

  private static Station station(Tool tool) {
    return switch (tool) {
      case FLAT, ROUND -> Station.PRESS;
      case HAMMER -> Station.HAMMER;
      case MILL -> Station.MILL;
    };
  }

  private List<Integer> soaks(TaskKind kind, int heats, double firstMin, double againMin) {
    return IntStream.range(0, Math.max(1, heats))
        .mapToObj(h -> minutes(kind, h == 0 ? firstMin : againMin))
        .toList();
  }

  private double fromColdMin(Bars bars) {
    double lengthMm = Math.min(bars.lengthMm(), shop.forge().lengthMm());
    BarHeat.Of bar = BarHeat.Of.solid(bars.widthMm(), bars.heightMm(), lengthMm);
    double aimC = shop.defaults().drawTemperatureC();
    return Soak.of(bar, aimC, shop.forge().powerKw(), shop.defaults().drawHeatMin()).minutes();
  }

  private int fuelSoakMin(AtmosphereProtection protection) {
    return protection == AtmosphereProtection.DRY || protection == AtmosphereProtection.BOTH
        ? with.rules().fuelSoakMin()
        : 0;
  }

  /** What comes before a stack can be welded; null where it was laid hot, as a fold is. */
  private @Nullable String stack(String path, Run.Found found) {
    Run run = found.run();
    int laid = run.laidAt(found.stage() - 1);
    if (laid > 0 && operation(run, laid).atHeat(shop.defaults()).isPresent()) {
      return null;
    }
    Bars bars = run.stages().get(found.stage() - 1).bars();
    if (!isGround(run, laid)) {
      int faces = 2 * run.stages().get(laid).joints() * bars.count();
      String prepared =
          put(
              found.part(),
              path + "#prepare",
              TaskKind.PREPARE,
              WorkPlanText.PREPARE.with("faces", faces),
              TaskShape.at(
                  Station.GRINDER, minutes(TaskKind.PREPARE, faces * times.facePrepMin())));
      waits.put(found.part(), List.of(new Wait(prepared, 0, true)));
    }
    double stackMin = times.stackMin() * bars.count();
    String stacked =
        put(
            found.part(),
            path + "#stack",
            TaskKind.STACK,
            WorkPlanText.STACK.with("bars", bars.count()),
            TaskShape.byHand(minutes(TaskKind.STACK, stackMin)));
    waits.put(found.part(), List.of(new Wait(stacked, 0, false)));
    return stacked;
  }

  /** Whether a step between the last heat and the laying grinds the faces. */
  private boolean isGround(Run run, int laid) {
    for (int i = laid - 1; i > 0; i--) {
      Stage stage = run.stages().get(i);
      Operation operation = operation(run, i);
      if (!stage.isOff() && operation.atHeat(shop.defaults()).isPresent()) {
        return false;
      }
      if (!stage.isOff() && !operation.brightens().isEmpty()) {
        return true;
      }
    }
    return false;
  }

  private void finish() {
    TaskShape hardening =
        TaskShape.inHeats(
            Collections.nCopies(HARDEN_HEATS, minutes(TaskKind.HARDEN, HARDEN_HEAT_MIN)),
            QUENCH_MIN,
            null);
    String hardened = put("", "#harden", TaskKind.HARDEN, WorkPlanText.HARDEN.with(), hardening);
    waits.put("", List.of(new Wait(hardened, LOAD_MIN, false)));
    for (int nth = 1; nth <= 2; nth++) {
      put(
          "",
          "#temper" + nth,
          TaskKind.TEMPER,
          WorkPlanText.TEMPER.with("nth", String.valueOf(nth)),
          TaskShape.unattended(Station.OVEN, TEMPER_MIN, LOAD_MIN),
          1,
          0,
          nth == 1);
    }
    put(
        "",
        "#etch",
        TaskKind.ETCH,
        WorkPlanText.ETCH.with(),
        TaskShape.unattended(Station.ETCH_TANK, minutes(TaskKind.ETCH, ETCH_MIN), ETCH_HANDS_MIN));
  }

  private int minutes(TaskKind kind, double planned) {
    return with.pace().minutes(kind, planned);
  }

  private String put(String part, String path, TaskKind kind, Message title, TaskShape shape) {
    return put(part, path, kind, title, shape, 1, 0, false);
  }

  /**
   * Adds a task after what its bar waits for.
   *
   * @param leastWaitMin at least so long after it
   * @param isSameDay whether it must be done on the day of what comes before it
   * @return its id
   */
  private String put(
      String part,
      String path,
      TaskKind kind,
      Message title,
      TaskShape shape,
      int people,
      int leastWaitMin,
      boolean isSameDay) {
    String id = billetId + "/" + path;
    List<Wait> before = waits.getOrDefault(part, List.of());
    waits.put(part, List.of(new Wait(id, 0, false)));
    if (isDone(id, kind)) {
      return id;
    }
    int stroke = path.indexOf('#');
    String step = stroke < 0 ? path : path.substring(0, stroke);
    tasks.add(
        new Task(
            id,
            billetId,
            step,
            kind,
            title,
            shape.minutes(),
            people,
            shape.hands(),
            shape.uses(),
            shape.heats()));
    for (Wait wait : before) {
      boolean stays = wait.isGround() && !with.rules().facesKeep();
      int waitMin = Math.max(leastWaitMin, kind.needsFire() ? 0 : wait.coolMin());
      Integer doneAt = done.tasksMin().get(wait.task());
      if (doneAt != null && tasks.stream().noneMatch(t -> t.id().equals(wait.task()))) {
        notBeforeMin.merge(id, Math.max(0, doneAt + waitMin), Math::max);
      } else {
        links.add(new TaskLink(wait.task(), id, waitMin, isSameDay || stays));
      }
    }
    return id;
  }

  /** Faces that were ground on a day before are rusty and to be ground again. */
  private boolean isDone(String id, TaskKind kind) {
    Integer at = done.tasksMin().get(id);
    boolean isBright = kind == TaskKind.PREPARE || kind == TaskKind.GRIND;
    return at != null && (at >= 0 || !isBright || with.rules().facesKeep());
  }
}
