package app.geminal.hardening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.ledger.Amount;
import app.geminal.steel.Hardening;
import app.geminal.text.Message;
import app.geminal.validation.InvalidValue;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HardeningPlanTest {
  private static final Instant NOON = Instant.parse("2026-05-02T12:00:00Z");

  private static HardeningPlan of(Map<String, Double> parts, double thickMm) {
    return HardeningPlan.of(Amount.ofLayers(parts, 100), thickMm, TestSteels.ALL);
  }

  private static Hardening hardening(String steel) {
    return TestSteels.ALL.get(steel).hardening().orElseThrow();
  }

  @Test
  void theWindowIsWhatAllSteelsBear() {
    HardeningPlan plan = of(Map.of("D", 1.0, "B", 1.0), 4);
    double from = Math.max(hardening("D").fromC(), hardening("B").fromC());
    double to = Math.min(hardening("D").toC(), hardening("B").toC());
    assertThat(plan.fromC()).isEqualTo(from);
    assertThat(plan.toC()).isEqualTo(to);
    assertThat(plan.hardenC()).isCloseTo((from + to) / 2, within(0.5));
    assertThat(plan.normalizingC()).hasSize(3).isSortedAccordingTo((a, b) -> Double.compare(b, a));
    assertThat(plan.steels()).extracting(HardeningPlan.OfSteel::share).containsOnly(0.5);
  }

  @Test
  void steelsWithoutACurveAreReportedNoTemper() {
    assertThat(of(Map.of("D", 1.0, "B", 1.0), 4).tempers()).isEmpty();
  }

  @Test
  void whatStaysSoftIsSaid() {
    HardeningPlan mixed = of(Map.of("D", 1.0, "M", 1.0), 4);
    assertThat(mixed.soft()).containsExactly("M");
    assertThat(mixed.compromise()).anyMatch(c -> c.marked().contains("M stays soft"));
    HardeningPlan none = of(Map.of("M", 1.0), 4);
    assertThat(none.steels()).isEmpty();
    assertThat(none.quench()).isEmpty();
    assertThat(none.compromise())
        .extracting(Message::marked)
        .containsExactly("None of its steels hardens.");
    assertThat(none.cautions()).isNotEmpty();
  }

  @Test
  void aTreatmentIsCheckedFieldByField() {
    Treatment tested =
        new Treatment(
            Treatment.Kind.TESTED, NOON, null, null, null, null, List.of(61.5), null, null);
    assertThat(tested.hrc()).containsExactly(61.5);
    assertThat(tested.medium()).isEmpty();
    assertThatThrownBy(() ->
            new Treatment(
                Treatment.Kind.TESTED, NOON, null, null, null, null, List.of(80.0), null, null))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() ->
            new Treatment(
                Treatment.Kind.TEMPERED, NOON, 1400.0, null, null, null, null, null, null))
        .isInstanceOf(InvalidValue.class);
  }
}
