package app.geminal.session;

import app.geminal.heatplan.ForgeAction;
import app.geminal.heatplan.HeatStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How far a billet is through the steps of its heat plan. A step is behind when something tapped is
 * the same act and comes at or after the first step that is open; steps passed over count as left
 * out. Waiting for an even heat is behind when what follows it is. Mutable, for one thread.
 */
public final class PlanProgress {
  private final List<HeatStep> steps;
  private final boolean[] done;
  private int next;

  /** The state of a step of the plan. */
  public enum StepState {
    /** Behind. */
    DONE,
    /** Passed over. */
    LEFT_OUT,
    /** The first one open. */
    NOW,
    /** Still to come. */
    TO_COME
  }

  PlanProgress(List<HeatStep> steps) {
    this.steps = List.copyOf(steps);
    this.done = new boolean[steps.size()];
  }

  private PlanProgress(PlanProgress that) {
    steps = that.steps;
    done = that.done.clone();
    next = that.next;
  }

  PlanProgress copy() {
    return new PlanProgress(this);
  }

  /** An act was done. */
  void did(ForgeAction act) {
    for (int i = next; i < done.length; i++) {
      if (steps.get(i).act().equals(Optional.of(act))) {
        done[i] = true;
        for (int w = next; w < i; w++) {
          done[w] |= steps.get(w).act().isEmpty();
        }
        next = i + 1;
        return;
      }
    }
  }

  /** The state of each step of the plan. */
  public List<StepState> states() {
    List<StepState> states = new ArrayList<>();
    for (int i = 0; i < done.length; i++) {
      states.add(
          done[i]
              ? StepState.DONE
              : i < next ? StepState.LEFT_OUT : i == next ? StepState.NOW : StepState.TO_COME);
    }
    return states;
  }

  /** The first open step, empty when all are behind. */
  public Optional<HeatStep> step() {
    return next < done.length ? Optional.of(steps.get(next)) : Optional.empty();
  }

  /** Whether the first open step is this act. */
  public boolean isNext(ForgeAction act) {
    return step().flatMap(HeatStep::act).filter(act::equals).isPresent();
  }

  /** Whether nothing is left to do. */
  public boolean isFinished() {
    return next >= done.length;
  }
}
