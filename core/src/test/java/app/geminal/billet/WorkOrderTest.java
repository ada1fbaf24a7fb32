package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.notation.Shorthand;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class WorkOrderTest {
  private static final Plan PLAN =
      Shorthand.parse(
          "3 (D 2, B 2) 40 x 100 > set 3 > draw 30 x 10 > cut 4 > restack same > set 3",
          UnitSystem.METRIC,
          ShopDefaults.common());

  private static List<String> left(Plan plan, String... reported) {
    return WorkOrder.of(plan, Set.of(reported)).stream()
        .filter(s -> !s.done())
        .map(WorkOrder.WorkStep::path)
        .toList();
  }

  @Test
  void nothingIsDoneBeforeItIsReported() {
    assertThat(left(PLAN)).containsExactly("s1", "s2", "s3", "s4", "s5");
  }

  @Test
  void whatCameBeforeAStepThatIsDoneIsDoneToo() {
    assertThat(left(PLAN, "s3")).containsExactly("s4", "s5");
    assertThat(WorkOrder.of(PLAN, Set.of("s3")))
        .filteredOn(WorkOrder.WorkStep::reported)
        .extracting(WorkOrder.WorkStep::path)
        .containsExactly("s3");
  }

  @Test
  void aStepThatIsSkippedIsNotWorked() {
    List<Step> steps =
        PLAN.steps().stream()
            .map(s -> s.key().equals("s2") ? new Step(s.key(), s.operation(), true, null) : s)
            .toList();
    assertThat(left(PLAN.withSteps(steps))).containsExactly("s1", "s3", "s4", "s5");
  }

  @Test
  void aPartComesBeforeTheBarAndIsDoneOnceItIsLaid() {
    Plan whole =
        Shorthand.parse(
            "part edge = (D 6) 40 x 100 > grind 0.5 | 3 (D 2, B 2) 40 x 100 > set 3 > sandwich (@edge) > set 3",
            UnitSystem.METRIC,
            ShopDefaults.common());
    assertThat(left(whole).getFirst()).startsWith("edge/");
    assertThat(left(whole, "s1")).as("not laid yet").contains("edge/s1");
    assertThat(left(whole, "s2")).containsExactly("s3");
  }
}
