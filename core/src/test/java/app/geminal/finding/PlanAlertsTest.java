package app.geminal.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Shop;
import app.geminal.text.Topic;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class PlanAlertsTest {
  private static final Shop SHOP = Shop.common();

  private static PlanAlerts of(Run run) {
    return PlanAlerts.of(run, TestSteels.ALL, SHOP, ShopKnowledge.nothing());
  }

  private static Run run(String line) {
    return Run.of(
        Shorthand.parse(line, UnitSystem.METRIC, SHOP.defaults()), TestSteels.ALL, SHOP.defaults());
  }

  private static List<Finding> everything(Run run) {
    List<Finding> all =
        new ArrayList<>(Checks.of(run, TestSteels.ALL, SHOP, ShopKnowledge.nothing()));
    run.parts().values().forEach(part -> all.addAll(everything(part)));
    return all;
  }

  private static List<Finding> said(PlanAlerts alerts) {
    List<Finding> all = new ArrayList<>();
    alerts.ofSteps().forEach(a -> all.addAll(a.all()));
    alerts.parts().values().forEach(p -> all.addAll(said(p)));
    return all;
  }

  @Test
  void nothingIsLostAndOnlyNotesAreCautions() {
    LongStream.rangeClosed(1, 1000)
        .forEach(seed -> {
          Run run = Run.of(RandomPlans.offered(seed), TestSteels.ALL, SHOP.defaults());
          PlanAlerts alerts = of(run);
          List<Finding> all = said(alerts);
          List<Alert> cautions = alerts.cautions();
          cautions.forEach(c -> all.addAll(c.all()));
          assertThat(all).as("seed %d", seed).containsExactlyInAnyOrderElementsOf(everything(run));
          assertThat(cautions)
              .as("seed %d", seed)
              .allSatisfy(c -> {
                assertThat(c.first().severity()).isEqualTo(Severity.NOTE);
                assertThat(c.first().canBeHidden()).isFalse();
              })
              .extracting(c -> c.first().kind() + c.first().about())
              .doesNotHaveDuplicates();
        });
  }

  @Test
  void aCautionOfAMaterialInPlanAndPartIsSaidOnce() {
    Run run =
        run(
            "part core = 5 (D 3, B 2) 40 x 200 > set 3 dry > draw 40 x 8"
                + " | (D 9) 40 x 200 > sandwich above (@core) > set 3 dry");
    PlanAlerts alerts = of(run);
    assertThat(alerts.parts()).containsOnlyKeys("core");
    assertThat(alerts.cautions())
        .filteredOn(a -> a.first().kind() == FindingKind.FUEL_FLARE)
        .singleElement()
        .satisfies(a -> assertThat(a.all()).hasSizeGreaterThan(1));
    assertThat(said(alerts)).noneMatch(Finding::isCaution);
  }

  @Test
  void theShopIsCheckedOnceAndNotInPlans() {
    assertThat(ShopChecks.of(SHOP))
        .extracting(Finding::kind)
        .containsExactly(FindingKind.GAUGE_NOT_CALIBRATED);
    assertThat(everything(run("3 (D 3, B 2) 40 x 100 > set 3")))
        .noneMatch(f -> f.kind() == FindingKind.GAUGE_NOT_CALIBRATED);
  }

  @Test
  void everyFamilyHasAName() {
    Set<String> names = new HashSet<>();
    for (String family : Finding.families()) {
      names.add(Topic.nameOf(family).read(Units.US));
    }
    assertThat(names).hasSameSizeAs(Finding.families());
  }
}
