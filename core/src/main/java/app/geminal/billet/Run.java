package app.geminal.billet;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.bar.Section;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.measurement.Measurement;
import app.geminal.operation.Done;
import app.geminal.operation.Impossible;
import app.geminal.operation.OperationContext;
import app.geminal.operation.OperationResult;
import app.geminal.shop.ShopDefaults;
import app.geminal.steel.Steels;
import app.geminal.validation.InvalidValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A plan worked through: the steel after every step, and where the plan stops when a bar does not
 * allow what is asked of it. The stages up to a stop stand; a stop is a result, not an error. Parts
 * are Runs of their own.
 *
 * @param plan what was worked through
 * @param stages the stack first, then one for each step that can be done
 * @param stop where the plan ends early, empty when it runs through
 * @param parts the Runs of the parts by name, in the plan's order
 * @param unused bars of parts that no step used, by name
 */
public record Run(
    Plan plan,
    List<Stage> stages,
    Optional<PlanStop> stop,
    Map<String, Run> parts,
    Map<String, Bars> unused) {

  private static final Impossible UNMEASURED =
      new Impossible(
          "",
          BilletText.THIS_STEP_HAS_MEASURED_SIZES_BUT.with(),
          BilletText.REMOVE_MEASURED_SIZES.with());

  /** Copies the list. */
  public Run {
    stages = List.copyOf(stages);
  }

  /**
   * Works a plan through.
   *
   * @throws InvalidValue when a steel is unknown or a step makes more layers than can be meant; its
   *     path points into the plan
   */
  public static Run of(Plan plan, Steels steels, ShopDefaults defaults) {
    requireKnown(plan, steels);
    Map<String, Run> parts = new LinkedHashMap<>();
    Map<String, Bars> ready = new LinkedHashMap<>();
    for (int i = 0; i < plan.parts().size(); i++) {
      Part part = plan.parts().get(i);
      try {
        Run run = of(part.plan(), steels, defaults);
        parts.put(part.name(), run);
        if (run.stop().isEmpty()) {
          ready.put(part.name(), run.last().bars());
        }
      } catch (InvalidValue bad) {
        throw bad.inside("parts/" + i + "/plan");
      }
    }
    OperationContext bench = new OperationContext(defaults, ready);
    List<Stage> stages = new ArrayList<>();
    stages.add(laidUp(plan.stack()));
    for (int i = 0; i < plan.steps().size(); i++) {
      Step step = plan.steps().get(i);
      Bars before = stages.getLast().bars();
      if (step.off()) {
        stages.add(after(before, step, Done.unchanged(before)));
        continue;
      }
      switch (outcome(step, before, bench, i)) {
        case Done done when step.measured() != null && !canBeMeasured(done.bars()) -> {
          return new Run(
              plan, stages, Optional.of(new PlanStop(i, UNMEASURED)), parts, bench.parts());
        }
        case Done done -> {
          stages.add(measured(after(before, step, done), steels));
          bench = bench.without(done.taken());
        }
        case Impossible why -> {
          return new Run(plan, stages, Optional.of(new PlanStop(i, why)), parts, bench.parts());
        }
      }
    }
    return new Run(plan, stages, Optional.empty(), parts, bench.parts());
  }

  private static boolean canBeMeasured(Bars bars) {
    return bars.count() > 0 && bars.form() != Form.BLADE;
  }

  /** The stage as it was measured to be; what is missing leaves as a loss of its own. */
  private static Stage measured(Stage stage, Steels steels) {
    Measurement measured = stage.step().map(Step::measured).orElse(null);
    if (measured == null) {
      return stage;
    }
    Bars real = measured.of(stage.bars(), steels);
    List<Loss> losses = new ArrayList<>(stage.losses());
    losses.add(new Loss(LossKind.MEASURED, stage.bars().amount().minus(real.amount())));
    return stage.measured(real, losses);
  }

  private static OperationResult outcome(
      Step step, Bars before, OperationContext bench, int index) {
    if (before.form() == Form.BLADE) {
      return new Impossible(
          "", BilletText.BLADE_IS_ALREADY_GROUND.with(), BilletText.PUT_THIS_STEP_BEFORE_IT.with());
    }
    if (before.count() == 0) {
      return new Impossible(
          "", BilletText.ALL_BARS_WERE_SET_ASIDE.with(), BilletText.SET_ASIDE_FEWER.with());
    }
    if (before.form() == Form.ROUND && step.operation().needsSquare()) {
      return new Impossible(
          "", BilletText.BAR_IS_ROUND.with(), BilletText.DRAW_IT_SQUARE_FIRST.with());
    }
    try {
      return step.operation().applyTo(before, bench);
    } catch (InvalidValue absurd) {
      throw absurd.inside("steps/" + index);
    }
  }

  private static void requireKnown(Plan plan, Steels steels) {
    requireKnown("stack/pieces", plan.stack().pieces(), steels);
    for (int i = 0; i < plan.steps().size(); i++) {
      String path = "steps/" + i + "/operation/";
      plan.steps()
          .get(i)
          .operation()
          .laid()
          .forEach((field, laid) -> requireKnown(path + field, laid, steels));
    }
  }

  private static void requireKnown(String path, List<? extends Laid> laid, Steels steels) {
    for (int i = 0; i < laid.size(); i++) {
      switch (laid.get(i)) {
        case Piece piece -> requireKnown(path + "/" + i, piece, steels);
        case PartBar bar -> requireKnown(path + "/" + i + "/shims", bar.shims(), steels);
      }
    }
  }

  private static void requireKnown(String path, Piece piece, Steels steels) {
    try {
      steels.get(piece.steel());
    } catch (InvalidValue unknown) {
      throw unknown.inside(path);
    }
  }

  private static Stage laidUp(Stack stack) {
    int pieces = stack.pieces().size();
    double width = stack.narrowestMm();
    double length = stack.shortestMm();
    Bars bars =
        new Bars(
            1,
            length,
            Section.level(stack.layers(), width),
            pieces,
            pieces > 1 || stack.fill() < 1,
            stack.fill(),
            Form.BAR,
            1);
    Amount added =
        stack.pieces().stream()
            .map(p ->
                Amount.ofLayers(
                    Map.of(p.steel(), p.solidMm()),
                    p.widthIn(stack.widthMm()) * p.lengthIn(stack.lengthMm())))
            .reduce(Amount.NONE, Amount::plus);
    boolean even = width == stack.widthMm() && length == stack.lengthMm();
    List<Loss> cut =
        even && stack.pieces().stream().allMatch(p -> p.widthMm() == 0 && p.lengthMm() == 0)
            ? List.of()
            : List.of(new Loss(LossKind.TRIM, added.minus(bars.amount())));
    return new Stage(
        Optional.empty(),
        bars,
        added,
        Amount.NONE,
        cut,
        Optional.empty(),
        pieces - 1,
        pieces - stack.layers().visibleCount(),
        0,
        Set.of(),
        List.of(),
        List.of(),
        Optional.empty());
  }

  private static Stage after(Bars before, Step step, Done done) {
    long now = done.bars().visibleCount();
    int joints = 0;
    long merged = 0;
    long gone = 0;
    Set<String> meeting = Set.of();
    switch (done.layers()) {
      case Done.Layers.Kept _ -> gone = Math.max(0, before.visibleCount() - now);
      case Done.Layers.Moved _ -> {}
      case Done.Layers.Joined laid -> {
        joints = laid.joints();
        merged = Math.max(0, laid.before() - now);
        gone = laid.ground();
        meeting = laid.meeting();
      }
    }
    return new Stage(
        Optional.of(step),
        done.bars(),
        done.added(),
        done.joined(),
        done.losses(),
        done.aside(),
        joints,
        merged,
        gone,
        meeting,
        done.fits(),
        done.changes(),
        Optional.empty());
  }

  /**
   * Mean thickness of what is loose through the height after a stage, mm; 0 for a solid bar.
   *
   * @param stage index into the stages
   */
  public double loosePieceMm(int stage) {
    Bars bars = stages.get(stage).bars();
    if (!bars.loose()) {
      return 0;
    }
    int joints = stages.get(laidAt(stage)).joints();
    return bars.heightMm() / (joints > 0 ? joints + 1 : 2);
  }

  /** The stage whose step laid joints last before a stage or in it; the stack where none did. */
  public int laidAt(int stage) {
    int laid = stage;
    while (laid > 0 && stages.get(laid).joints() == 0) {
      laid--;
    }
    return laid;
  }

  /** The Run of a part, or of a part's part, by its path of names; itself for an empty path. */
  public Optional<Run> at(String path) {
    Optional<Run> run = Optional.of(this);
    for (String name : path.isEmpty() ? List.<String>of() : List.of(path.split("/", -1))) {
      run = run.flatMap(r -> Optional.ofNullable(r.parts().get(name)));
    }
    return run;
  }

  /**
   * A step of a Run or of one of its parts, where the Run comes that far.
   *
   * @param part path of the part's names, empty for the Run itself
   * @param run the one the step belongs to
   * @param stage the stage it leads to, 1 and more
   */
  public record Found(String part, Run run, int stage) {}

  /**
   * The step at a path.
   *
   * @param path names of the parts it is in, then its key, with strokes between
   * @return empty where there is none or the Run stops before it
   */
  public Optional<Found> find(String path) {
    StepPath step = StepPath.of(path);
    return at(step.part())
        .flatMap(run -> run.stageOf(step.key()).map(stage -> new Found(step.part(), run, stage)));
  }

  private Optional<Integer> stageOf(String key) {
    for (int i = 1; i < stages.size(); i++) {
      if (stages.get(i).step().map(Step::key).orElse("").equals(key)) {
        return Optional.of(i);
      }
    }
    return Optional.empty();
  }

  /** The last stage that can be reached. */
  public Stage last() {
    return stages.getLast();
  }

  /**
   * This Run and those of the parts made for it; a bar picked from another billet came as it is.
   */
  private Stream<Run> all() {
    return Stream.concat(Stream.of(this), made(true).flatMap(Run::all));
  }

  private Stream<Run> made(boolean forThis) {
    return plan.parts().stream()
        .filter(p -> (p.origin() == null) == forThis)
        .map(p -> Objects.requireNonNull(parts.get(p.name())));
  }

  private Stream<Stage> allStages() {
    return all().flatMap(r -> r.stages().stream());
  }

  /**
   * All steel that came in, for the parts too: stacks, whatever was laid between later, and bars
   * picked from other billets.
   */
  public Amount startedWith() {
    return Amount.sum(
        Stream.concat(
                allStages().map(Stage::added),
                all().flatMap(r -> r.made(false)).map(r -> r.last().bars().amount()))
            .toList());
  }

  /** All steel lost for one reason, in the parts too. */
  public Amount lostTo(LossKind kind) {
    return allStages()
        .flatMap(s -> s.losses().stream())
        .filter(l -> l.kind() == kind)
        .map(Loss::amount)
        .reduce(Amount.NONE, Amount::plus);
  }

  /** Steel that went to other billets. */
  public Amount setAside() {
    return allStages()
        .flatMap(s -> s.aside().stream())
        .map(Bars::amount)
        .reduce(Amount.NONE, Amount::plus);
  }

  /** Steel in bars of parts that are left over, or whose Run stops. */
  public Amount leftOver() {
    Amount stopped =
        parts.values().stream()
            .filter(r -> r.stop().isPresent())
            .map(r -> r.last().bars().amount())
            .reduce(Amount.NONE, Amount::plus);
    Amount mine = unused.values().stream().map(Bars::amount).reduce(stopped, Amount::plus);
    return made(true).map(Run::leftOver).reduce(mine, Amount::plus);
  }

  /** What is there to use of what came in, fraction of the volume. */
  public double yieldFraction() {
    Amount there = last().bars().amount().plus(setAside()).plus(leftOver());
    return there.volumeMm3() / startedWith().volumeMm3();
  }
}
