package app.geminal.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.RandomPlans;
import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.shop.Shop;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

class AlertTest {
  private static List<Finding> found(long seed) {
    Shop shop = Shop.common();
    Run run = Run.of(RandomPlans.offered(seed), TestSteels.ALL, shop.defaults());
    return Checks.of(run, TestSteels.ALL, shop, ShopKnowledge.nothing());
  }

  @Test
  void everyFindingIsInOneAlertAndNoCauseIsSaidTwice() {
    LongStream.rangeClosed(1, 1000)
        .forEach(seed -> {
          List<Finding> findings = found(seed);
          List<Alert> alerts = Alert.of(findings);
          assertThat(alerts.stream().flatMap(a -> a.all().stream()))
              .as("seed %d", seed)
              .containsExactlyInAnyOrderElementsOf(findings);
          assertThat(alerts)
              .as("seed %d", seed)
              .allSatisfy(a ->
                  assertThat(a.all())
                      .allMatch(f -> f.kind() == a.first().kind())
                      .allMatch(f -> f.severity() == a.first().severity()))
              .extracting(a ->
                  a.first().kind() + a.first().about() + a.first().severity() + a.first().safety())
              .doesNotHaveDuplicates();
        });
  }

  /** Every text of every finding can be said, to readers of either system. */
  @Test
  void everyFindingCanBeSaid() {
    LongStream.rangeClosed(1, 1000)
        .mapToObj(AlertTest::found)
        .flatMap(List::stream)
        .forEach(f -> {
          for (var units : List.of(app.geminal.units.Units.US, app.geminal.units.Units.METRIC)) {
            String all =
                f.what().read(units)
                    + f.why().read(units)
                    + f.action().read(units)
                    + f.remedyLabel().map(l -> l.read(units)).orElse("");
            assertThat(all).doesNotContain("{", "[[", "null");
          }
        });
  }

  @Test
  void theSameCauseAtTwoStepsIsSaidOnceWithBoth() {
    Shop shop = Shop.common();
    Run run =
        Run.of(
            app.geminal.notation.Shorthand.parse(
                "15 (D 3, B 2) 40 x 300 > set 3 > draw 40 x 10 > cut 3 > restack same, ground 0"
                    + " > set 3 > draw 40 x 10 > cut 2 > restack same, ground 0 > set 3",
                app.geminal.units.UnitSystem.METRIC,
                shop.defaults()),
            TestSteels.ALL,
            shop.defaults());
    assertThat(Alert.of(Checks.of(run, TestSteels.ALL, shop, ShopKnowledge.nothing())))
        .filteredOn(a -> a.first().kind() == FindingKind.FACE_SCALED)
        .singleElement()
        .satisfies(a -> assertThat(a.stages()).containsExactly(4, 8));
  }
}
