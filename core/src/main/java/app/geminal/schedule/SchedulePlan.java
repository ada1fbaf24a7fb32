package app.geminal.schedule;

import app.geminal.bar.Bars;
import app.geminal.billet.Plan;
import app.geminal.billet.WantedPieces;
import app.geminal.layup.Laid;
import app.geminal.layup.Stack;
import app.geminal.operation.Cut;
import app.geminal.operation.Done;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationContext;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The plan a schedule represents.
 *
 * <p>Every stack and block is set as the shop usually sets. Before a restack the bar is drawn down
 * until its pieces make the block height asked for, if there is that much to draw; then its ends
 * are trimmed, it is cut or folded, and the faces that meet are ground. At last it is drawn to the
 * finished size and what will be ground off it, and trimmed. A draw takes as many heats as the
 * shop's pace says. A fold loses twice the bar's height at its bend.
 */
public final class SchedulePlan {
  private final FinderQuestion question;
  private final ShopDefaults defaults;
  private final Shop shop;
  private final OperationContext bench;
  private final List<Operation> steps = new ArrayList<>();
  private final List<Done> done = new ArrayList<>();
  private final Bars before;
  private Bars bars;

  private SchedulePlan(FinderQuestion question, Shop shop, Bars bars) {
    this.question = question;
    this.shop = shop;
    this.defaults = shop.defaults();
    this.bench = OperationContext.of(defaults);
    this.before = bars;
    this.bars = bars;
  }

  /** A schedule worked through, from a stack of that length or the bar that is there. */
  public static SchedulePlan of(
      Schedule schedule, FinderQuestion question, double lengthMm, Shop shop) {
    SchedulePlan planned = new SchedulePlan(question, shop, begun(schedule, question, lengthMm));
    planned.run(schedule.restacks());
    return planned;
  }

  private static Bars begun(Schedule schedule, FinderQuestion question, double lengthMm) {
    if (question.from() instanceof StartingSteel.Bar bar) {
      return bar.bars();
    }
    StartStack start = schedule.start().orElseThrow();
    Stack stack = stack(start, question, lengthMm);
    return Bars.level(1, stack.widthMm(), lengthMm, stack.layers(), start.pieces(), true);
  }

  private static Stack stack(StartStack start, FinderQuestion question, double lengthMm) {
    return new Stack(start.laid(), widthMm(question), lengthMm);
  }

  /** What lay there at first. */
  public Bars before() {
    return before;
  }

  /** What is done, in order; the last may be impossible. */
  public List<Operation> steps() {
    return List.copyOf(steps);
  }

  /** What came of each step that can be done. */
  public List<Done> done() {
    return List.copyOf(done);
  }

  /** Whether every step can be done. */
  public boolean isPossible() {
    return done.size() == steps.size();
  }

  /**
   * The whole plan of a schedule that begins with a stack; it wants the one bar.
   *
   * @param lengthMm of the stack
   */
  public static Plan plan(Schedule schedule, FinderQuestion question, double lengthMm, Shop shop) {
    FinishedBar finished = question.finished();
    return Plan.of(
            stack(schedule.start().orElseThrow(), question, lengthMm),
            of(schedule, question, lengthMm, shop).steps())
        .withWanted(
            List.of(
                new WantedPieces(
                    "bar", 1, finished.lengthMm(), finished.widthMm(), finished.heightMm())));
  }

  /** What a schedule does with the bar that is there. */
  public static List<Operation> stepsFromBar(
      Schedule schedule, FinderQuestion question, Shop shop) {
    return of(schedule, question, 0, shop).steps();
  }

  public static double widthMm(FinderQuestion question) {
    return question.from().widthMm();
  }

  /** Height a bar is drawn to so that so many of them make a block, mm. */
  public static double barMm(double blockMm, int pieces) {
    return Math.max(0.5, Math.rint(blockMm / pieces * 10) / 10);
  }

  private void run(List<Restacking> restacks) {
    boolean shouldContinue = !bars.loose() || step(SetWeld.of(defaults));
    for (int i = 0; shouldContinue && i < restacks.size(); i++) {
      Restacking restacking = restacks.get(i);
      shouldContinue =
          drawn(widthMm(question), barMm(question.blockMm(), restacking.pieces()))
              && trimmed()
              && laid(restacking)
              && step(SetWeld.of(defaults));
    }
    if (shouldContinue) {
      double allowance = 2 * defaults.finishGrindMm();
      FinishedBar finished = question.finished();
      double width = finished.widthMm() + allowance;
      double height = finished.heightMm() + allowance;
      step(new Draw(width, height, heats(width, height), defaults.drawTool()));
      trimmed();
    }
  }

  private int heats(double widthMm, double heightMm) {
    return shop.taskTimes().drawHeats(bars.widthMm() * bars.heightMm(), widthMm * heightMm);
  }

  /** Draws where there is that much steel after its scale; else leaves the bar as it is. */
  private boolean drawn(double widthMm, double heightMm) {
    int heats = heats(widthMm, heightMm);
    double skin = 2 * heats * defaults.drawSkinMm();
    boolean enough =
        (bars.widthMm() - skin) * (bars.heightMm() - skin) >= widthMm * heightMm
            && bars.heightMm() > heightMm;
    return !enough || step(new Draw(widthMm, heightMm, heats, defaults.drawTool()));
  }

  private boolean trimmed() {
    double end = defaults.endTrimMm();
    return end == 0 || step(new Trim(end, end, 0));
  }

  private boolean laid(Restacking restacking) {
    return switch (restacking) {
      case Restacking.Refold _ -> step(Fold.once(foldEndMm(bars.heightMm())));
      case Restacking.Recut cut -> {
        List<Laid> between =
            cut.insert()
                ? List.of(Optional.ofNullable(question.insert()).orElseThrow())
                : List.of();
        yield recut(cut.pieces(), cut.turned(), between);
      }
      case Restacking.RoundCore core -> recut(2, core.turned(), List.copyOf(question.core()));
    };
  }

  public static double foldEndMm(double heightMm) {
    return Math.min(500, 2 * heightMm);
  }

  private boolean recut(int pieces, boolean turned, List<Laid> between) {
    return step(Cut.equal(pieces, defaults.kerfMm()))
        && step(
            new Restack(
                turned ? Restack.EVERY_SECOND : Restack.ALL_SAME, between, defaults.faceGrindMm()));
  }

  private boolean step(Operation operation) {
    steps.add(operation);
    if (operation.applyTo(bars, bench) instanceof Done can) {
      done.add(can);
      bars = can.bars();
      return true;
    }
    return false;
  }
}
