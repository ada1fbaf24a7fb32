package app.geminal;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.billet.Step;
import app.geminal.operation.OperationKind;
import app.geminal.operation.OperationKinds;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The plans that other tests are tried on leave no kind of step out. */
class RandomPlansTest {
  @Test
  void everyKindOfStepIsMade() {
    Set<OperationKind<?>> made = new HashSet<>();
    for (long seed = 1; seed <= 2000; seed++) {
      for (Step step : RandomPlans.plan(seed).steps()) {
        made.add(OperationKinds.of(step.operation()));
      }
    }
    assertThat(made).containsExactlyInAnyOrderElementsOf(OperationKinds.ALL);
  }
}
