package app.geminal.server.session;

import static app.geminal.server.session.HeatPlanDocument.HEAT_PLAN;
import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.heatplan.HeatPlan;
import app.geminal.library.plan.PlanJson;
import app.geminal.server.TestShop;
import app.geminal.server.stored.DocumentChecks;
import app.geminal.server.stored.EarlierNames;
import app.geminal.text.Message;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import tools.jackson.databind.json.JsonMapper;

/** Heat plans of sessions, as they are stored. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class HeatPlanDocumentTest {
  private final List<PlannedHeat> samples = new ArrayList<>();

  private static final JsonMapper WIRE = wire();

  private static JsonMapper wire() {
    JsonMapper.Builder builder = JsonMapper.builder();
    PlanJson.strict(builder);
    return builder.build();
  }

  @BeforeAll
  void plans() {
    try (TestShop demo = TestShop.demo()) {
      HeatPlans plans = demo.bean(HeatPlans.class);
      for (long billet = 1; billet <= 7; billet++) {
        long of = billet;
        plans.heats(of).stream()
            .limit(3)
            .forEach(h ->
                samples.add(
                    new PlannedHeat(
                        plans.compared(of, h.path()), plans.planned(of, h.path()).welds())));
      }
    }
  }

  @Test
  void weldsAndDrawsAreAmongTheSamples() {
    assertThat(samples).anyMatch(h -> h.plan().isWeld()).anyMatch(h -> !h.plan().isWeld());
    assertThat(samples).anyMatch(h -> !h.plan().protections().isEmpty());
    assertThat(samples).anyMatch(h -> h.welds().size() == 1).anyMatch(h -> h.welds().isEmpty());
  }

  @Test
  void comesBackAsItWas() {
    DocumentChecks.comesBack(HEAT_PLAN, samples);
  }

  /** The first format had words, with their figures as marks: they come back word for word. */
  @Test
  void wordsOfTheFirstFormatStayWords() {
    for (PlannedHeat sample : samples) {
      String first = EarlierNames.then(WIRE.writeValueAsString(sample.plan()));
      PlannedHeat read = HEAT_PLAN.read(first, 1);
      assertThat(EarlierNames.then(WIRE.writeValueAsString(read.plan()))).isEqualTo(first);
      assertThat(read.plan().title().key()).isEqualTo(Message.WRITTEN);
      assertThat(read.welds()).as("that release followed no joints").isEmpty();
      DocumentChecks.comesBack(HEAT_PLAN, List.of(read));
    }
  }

  /** What is stored says which text and which figures, so that it can be read in any language. */
  @Test
  void noWordsAreStored() {
    String stored = HEAT_PLAN.write(samples.getFirst());
    assertThat(stored).contains("\"key\":\"heat.").doesNotContain("Straight to", "[[");
  }

  @Test
  void isReadOrRefusedHoweverItIsChangedAndLosesNothing() {
    assertThat(DocumentChecks.withstands(HEAT_PLAN, samples, 3000, 6)).isBetween(700, 2980);
  }

  /** Until a margin to running metal was kept, a window did not say where metal runs. */
  @Test
  void aWindowOfTheFirstReleaseRunsWhereItsSteelMelts() {
    HeatPlan plan = samples.getFirst().plan();
    String first =
        HEAT_PLAN
            .write(samples.getFirst())
            .replace("\"meltsC\":" + plan.window().meltsC() + ",", "");
    assertThat(first).doesNotContain("meltsC");
    assertThat(HEAT_PLAN.read(first, 1).plan().window().meltsC())
        .isEqualTo(plan.window().solidusC());
  }
}
