package app.geminal.library;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.hardening.HardeningPlan;
import app.geminal.ledger.Amount;
import app.geminal.steel.Quench;
import java.util.Comparator;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HardeningOfShippedSteelsTest {

  private static HardeningPlan of(String one, String other, double thickMm) {
    return HardeningPlan.of(
        Amount.ofLayers(Map.of(one, 2.0, other, 1.0), 100), thickMm, ShippedSteels.read());
  }

  @Test
  void theUsualPairMeetsAndItsTempersGoDown() {
    HardeningPlan plan = of("1084", "15N20", 4);
    assertThat(plan.toC()).isGreaterThanOrEqualTo(plan.fromC());
    assertThat(plan.compromise()).isEmpty();
    assertThat(plan.tempers()).hasSizeGreaterThan(3);
    assertThat(plan.tempers().stream().map(t -> t.layersHrc().orElseThrow()).toList())
        .isSortedAccordingTo(Comparator.reverseOrder());
    plan.tempers()
        .forEach(t -> {
          double least = t.hrcBySteel().values().stream().mapToDouble(h -> h).min().orElseThrow();
          double most = t.hrcBySteel().values().stream().mapToDouble(h -> h).max().orElseThrow();
          assertThat(t.layersHrc().orElseThrow()).isBetween(least - 1e-9, most + 1e-9);
        });
  }

  @Test
  void windowsThatMissEachOtherAndQuenchesFarApartAreSaid() {
    HardeningPlan plan = of("A2", "15N20", 4);
    assertThat(plan.toC()).isLessThan(plan.fromC());
    assertThat(plan.compromise())
        .anyMatch(
            c -> c.marked().contains("needs at least") && c.marked().contains("takes at most"))
        .anyMatch(c -> c.marked().contains("A2 needs only air or plates"));
    assertThat(plan.quench()).isNotEmpty().isNotEqualTo(java.util.Optional.of(Quench.AIR));
  }

  @Test
  void aThickPieceIsQuenchedAsItsSteelAsks() {
    assertThat(of("W2", "15N20", 12).quench().orElseThrow())
        .isGreaterThanOrEqualTo(of("W2", "15N20", 4).quench().orElseThrow());
  }
}
