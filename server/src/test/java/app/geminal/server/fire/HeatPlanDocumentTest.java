package app.geminal.server.fire;

import static app.geminal.server.fire.HeatPlanDocument.HEAT_PLAN;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.fire.HeatPlan;
import app.geminal.server.TestShop;
import app.geminal.server.stored.DocumentChecks;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Heat plans of sessions, as they are stored. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class HeatPlanDocumentTest {
  private final List<HeatPlan> samples = new ArrayList<>();

  @BeforeAll
  void plans() {
    try (TestShop demo = TestShop.demo()) {
      HeatPlans plans = demo.bean(HeatPlans.class);
      for (long billet = 1; billet <= 7; billet++) {
        long of = billet;
        plans.heats(of).stream().limit(3).forEach(h -> samples.add(plans.compared(of, h.path())));
      }
    }
  }

  @Test
  void weldsAndDrawsAreAmongTheSamples() {
    assertThat(samples).anyMatch(HeatPlan::isWeld).anyMatch(p -> !p.isWeld());
    assertThat(samples).anyMatch(p -> !p.schools().isEmpty());
  }

  @Test
  void comesBackAsItWas() {
    DocumentChecks.comesBack(HEAT_PLAN, samples);
  }

  @Test
  void isReadAsTheCoreItselfWasStored() {
    DocumentChecks.readsWhatRecordsWere(HEAT_PLAN, samples);
  }

  @Test
  void isReadOrRefusedHoweverItIsChangedAndLosesNothing() {
    assertThat(DocumentChecks.withstands(HEAT_PLAN, samples, 3000, 6)).isBetween(700, 2980);
  }

  /** Until a margin to running metal was kept, a window did not say where metal runs. */
  @Test
  void aWindowOfTheFirstReleaseRunsWhereItsSteelMelts() {
    HeatPlan plan = samples.getFirst();
    String first = HEAT_PLAN.write(plan).replace("\"meltsC\":" + plan.window().meltsC() + ",", "");
    assertThat(first).doesNotContain("meltsC");
    assertThat(HEAT_PLAN.read(first, 1).window().meltsC()).isEqualTo(plan.window().solidusC());
  }
}
