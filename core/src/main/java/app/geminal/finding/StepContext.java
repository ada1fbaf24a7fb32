package app.geminal.finding;

import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.billet.Stage;
import app.geminal.billet.Step;
import app.geminal.layup.Stack;
import app.geminal.operation.Operation;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Limits;
import app.geminal.shop.Shop;
import app.geminal.steel.Steel;
import app.geminal.steel.Steels;
import java.util.List;
import java.util.Optional;

/**
 * One step of a Run, with all a check may look at.
 *
 * @param stage the stage the step leads to; 1 is the first step's
 */
public record StepContext(Run run, int stage, Shop shop, Steels steels) {

  /** The step itself. */
  public Operation operation() {
    return now().step().map(Step::operation).orElseThrow();
  }

  /** What it leads to. */
  public Stage now() {
    return run.stages().get(stage);
  }

  /** The bars before it. */
  public Bars before() {
    return run.stages().get(stage - 1).bars();
  }

  /** The shop's limits. */
  public Limits limits() {
    return shop.limits();
  }

  Stack stack() {
    return run.plan().stack();
  }

  /** The steels in the bars before the step. */
  List<Steel> inside() {
    return before().section().areaBySteel().keySet().stream().map(steels::get).toList();
  }

  /** Mean thickness of the loose pieces through the height, 0 for a solid bar; mm. */
  double loosePieceMm() {
    return run.loosePieceMm(stage - 1);
  }

  /** The step that laid what is loose now, empty when it is the stack itself. */
  Optional<Operation> laidBy() {
    for (int i = stage - 1; i > 0; i--) {
      if (run.stages().get(i).joints() > 0) {
        return run.stages().get(i).step().map(Step::operation);
      }
    }
    return Optional.empty();
  }

  /** Whether this is the first weld that is done in the Run. */
  boolean isFirstWeld() {
    for (int i = 1; i < stage; i++) {
      Stage earlier = run.stages().get(i);
      if (!earlier.isOff()
          && earlier.step().map(s -> s.operation() instanceof SetWeld).orElse(false)) {
        return false;
      }
    }
    return operation() instanceof SetWeld;
  }
}
