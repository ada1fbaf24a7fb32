package app.geminal.billet;

import app.geminal.bar.Bars;
import app.geminal.check.BadValue;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import app.geminal.ledger.LossKind;
import app.geminal.operation.Cut;
import app.geminal.operation.Done;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.Impossible;
import app.geminal.operation.Operation;
import app.geminal.operation.Practice;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.steel.Steels;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A plan worked through: the steel after every step, and where the plan stops when a bar does not
 * allow what is asked of it. The stages up to a stop stand; a stop is a result, not an error.
 *
 * @param stages the stack first, then one for each step that can be done
 * @param stop where the plan ends early, empty when it runs through
 */
public record Run(List<Stage> stages, Optional<Stop> stop) {

  /** Copies the list. */
  public Run {
    stages = List.copyOf(stages);
  }

  /**
   * Works a plan through.
   *
   * @throws BadValue when a steel is unknown or a step makes more layers than can be meant; its
   *     path points into the plan
   */
  public static Run of(Plan plan, Steels steels, Practice practice) {
    requireKnown(plan, steels);
    List<Stage> stages = new ArrayList<>();
    stages.add(laidUp(plan.stack()));
    for (int i = 0; i < plan.steps().size(); i++) {
      Step step = plan.steps().get(i);
      Stage before = stages.getLast();
      try {
        switch (step.operation().applyTo(before.bars(), practice)) {
          case Done done -> stages.add(after(before, step, done));
          case Impossible why -> {
            return new Run(stages, Optional.of(new Stop(i, why)));
          }
        }
      } catch (BadValue absurd) {
        throw absurd.inside("steps/" + i);
      }
    }
    return new Run(stages, Optional.empty());
  }

  private static void requireKnown(Plan plan, Steels steels) {
    requireKnown("stack/pieces/", plan.stack().pieces(), steels);
    for (int i = 0; i < plan.steps().size(); i++) {
      if (plan.steps().get(i).operation() instanceof Restack restack) {
        requireKnown("steps/" + i + "/operation/between/", restack.between(), steels);
      }
    }
  }

  private static void requireKnown(String path, List<Piece> pieces, Steels steels) {
    for (int i = 0; i < pieces.size(); i++) {
      try {
        steels.get(pieces.get(i).steel());
      } catch (BadValue unknown) {
        throw unknown.inside(path + i);
      }
    }
  }

  private static Stage laidUp(Stack stack) {
    int pieces = stack.pieces().size();
    Bars bars = new Bars(1, stack.widthMm(), stack.lengthMm(), stack.layers(), pieces, pieces > 1);
    long merged = pieces - stack.layers().visibleCount();
    return new Stage(Optional.empty(), bars, bars.amount(), List.of(), pieces - 1, merged, 0);
  }

  private static Stage after(Stage before, Step step, Done done) {
    long had = laidTogether(step.operation(), before);
    long lost = had - done.bars().layers().visibleCount();
    boolean laid = done.joints() > 0;
    return new Stage(
        Optional.of(step),
        done.bars(),
        done.added(),
        done.losses(),
        done.joints(),
        laid ? lost : 0,
        laid ? 0 : lost);
  }

  /** Visible layers that go into one resulting bar before any of them merge. */
  private static long laidTogether(Operation operation, Stage before) {
    long visible = before.visibleCount();
    return switch (operation) {
      case Restack restack -> {
        long bars = before.bars().count();
        yield bars * visible + (bars - 1) * restack.between().size();
      }
      case Fold _ -> 2 * visible;
      case SetWeld _, Draw _, Trim _, Grind _, Cut _ -> visible;
    };
  }

  /** The last stage that can be reached. */
  public Stage last() {
    return stages.getLast();
  }

  /** All steel that came in: the stack and whatever was laid between later. */
  public Amount startedWith() {
    return stages.stream().map(Stage::added).reduce(Amount.NONE, Amount::plus);
  }

  /** All steel lost for one reason. */
  public Amount lostTo(LossKind kind) {
    return stages.stream()
        .flatMap(s -> s.losses().stream())
        .filter(l -> l.kind() == kind)
        .map(Loss::amount)
        .reduce(Amount.NONE, Amount::plus);
  }

  /** What is left of what came in, fraction of the volume. */
  public double yieldFraction() {
    return last().bars().amount().volumeMm3() / startedWith().volumeMm3();
  }
}
