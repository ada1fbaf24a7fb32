package app.geminal;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.billet.Plan;
import app.geminal.billet.Step;
import java.util.HashSet;
import java.util.Set;
import java.util.function.LongFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The plans that other tests are tried on leave no kind of step out. */
class RandomPlansTest {
  private static Set<Integer> kinds(LongFunction<Plan> plans) {
    Set<Integer> made = new HashSet<>();
    for (long seed = 1; seed <= 2000; seed++) {
      for (Step step : plans.apply(seed).steps()) {
        made.add(RandomPlans.kindOf(step.operation()));
      }
    }
    return made;
  }

  @Test
  void everyKindOfStepIsMade() {
    // 19 is a restack with turns of its own.
    assertThat(kinds(RandomPlans::plan))
        .containsExactlyInAnyOrderElementsOf(
            IntStream.range(0, RandomPlans.ALL_KINDS).filter(k -> k != 19).boxed().toList());
  }
}
