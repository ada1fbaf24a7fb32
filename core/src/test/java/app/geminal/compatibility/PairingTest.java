package app.geminal.compatibility;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.steel.Composition;
import app.geminal.steel.Confidence;
import app.geminal.steel.Figure;
import app.geminal.steel.Hardening;
import app.geminal.steel.Quench;
import app.geminal.steel.Steel;
import app.geminal.steel.WeldWindow;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.AtmosphereProtection;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every limit of a pair: just past it, and just inside. */
class PairingTest {
  /** A steel compatible with {@link #plain} in every respect, to be changed in one. */
  private static final class Made {
    private Composition composition = Composition.of(0.8, 0.4, 0.2, 0, 0);
    private double tone = 0.85;
    private WeldWindow window = new WeldWindow(1100, 1270);
    private boolean hardens = true;
    private double fromC = 800;
    private double toC = 830;
    private Quench quench = Quench.FAST_OIL;
    private double msC = 190;
    private double expansion = 14.3;
    private int weldability = 1;
    private Confidence confidence = Confidence.HIGH;

    Steel steel(String id) {
      return new Steel(
          id,
          id,
          "",
          "test",
          composition,
          Figure.typical(1370, 20, "test"),
          Optional.empty(),
          Optional.of(window),
          hardens
              ? Optional.of(
                  new Hardening(
                      fromC,
                      toC,
                      quench,
                      quench,
                      false,
                      0.75,
                      Figure.typical(msC, 25, "test"),
                      Figure.typical(65, 2, "test"),
                      Optional.empty()))
              : Optional.empty(),
          Optional.empty(),
          Figure.typical(7850, 20, "test"),
          Figure.typical(11.4, 0.3, "test"),
          Figure.typical(expansion, 0.5, "test"),
          Figure.typical(tone, 0.15, "test"),
          "",
          weldability,
          "",
          false,
          confidence);
    }
  }

  private static Steel plain() {
    Made made = new Made();
    made.tone = 0.15;
    return made.steel("plain");
  }

  private static Verdict with(String field, double value) {
    Made other = new Made();
    switch (field) {
      case "windowTo" -> other.window = new WeldWindow(1000, value);
      case "chromium" -> other.composition = Composition.of(0.8, 0.4, 0.2, 0, value);
      case "silicon" -> other.composition = Composition.of(0.8, 0.4, value, 0, 0);
      case "carbon" -> other.composition = Composition.of(value, 0.4, 0.2, 0, 0);
      case "weldability" -> other.weldability = (int) value;
      case "hardensFrom" -> {
        other.fromC = value;
        other.toC = value + 30;
      }
      case "quench" -> other.quench = List.of(Quench.values()).get((int) value);
      case "ms" -> other.msC = value;
      case "tone" -> other.tone = value;
      case "softExpansion" -> {
        other.hardens = false;
        other.expansion = value;
      }
      default -> throw new IllegalArgumentException(field);
    }
    return Pairing.of(
        SteelQuestion.mixed(AtmosphereProtection.BORAX, List.of(plain(), other.steel("other"))));
  }

  @ParameterizedTest
  @CsvSource({
    "no-weld-window, windowTo, 1099, STOP, 1100",
    "weld-window-narrow, windowTo, 1139, CONDITION, 1140",
    "oxide-will-not-lift, chromium, 3.1, STOP, 0.9",
    "oxide-will-not-lift, chromium, 1.0, CONDITION, 0.9",
    "oxide-will-not-lift, weldability, 5, STOP, 4",
    "hardening-does-not-overlap, hardensFrom, 871, STOP, 830",
    "hardening-does-not-overlap, hardensFrom, 870, CONDITION, 830",
    "hardening-does-not-overlap, quench, 0, STOP, 2",
    "hardening-does-not-overlap, quench, 1, CONDITION, 2",
    "edge-carbon, carbon, 0.19, CONDITION, 0.21",
    "edge-carbon, carbon, 1.41, CONDITION, 1.4",
    "shear-at-quench, ms, 311, CONDITION, 309",
    "shear-at-quench, softExpansion, 17.3, CONDITION, 17.1",
    "contrast-low, tone, 0.34, NOTE, 0.36",
    "fume-metals, chromium, 1.0, NOTE, 0.9",
    "carbon-wanders, silicon, 1.5, NOTE, 1.4"
  })
  void speaksPastTheLimitAndNotJustInside(
      String id, String field, double past, ReasonWeight weight, double inside) {
    assertThat(with(field, past).reasons())
        .anySatisfy(r -> {
          assertThat(r.family()).isEqualTo(id);
          assertThat(r.weight()).isEqualTo(weight);
          assertThat(r.why().toString()).isNotBlank();
          assertThat(r.action().toString()).isNotBlank();
          assertThat(r.steels()).isNotEmpty();
        });
    assertThat(with(field, inside).has(id)).isFalse();
  }

  @Test
  void anEdgeOfTooLittleCarbonIsStoppedAndNotJustAbove() {
    Made mild = new Made();
    mild.composition = Composition.of(0, 0.4, 0.2, 0, 0);
    assertThat(shared(mild, 1.01).grade()).isEqualTo(Grade.STOP);
    assertThat(shared(mild, 0.99).grade()).isNotEqualTo(Grade.STOP);
  }

  private static Verdict shared(Made other, double share) {
    return Pairing.of(
        new SteelQuestion(
            List.of(
                new Member(plain(), Role.MIXED, 1),
                new Member(other.steel("other"), Role.MIXED, share)),
            AtmosphereProtection.BORAX,
            true));
  }

  @Test
  void stiffBesideSoftRunsOutOnlyPastTwice() {
    Made carbides = new Made();
    carbides.composition = Composition.of(1.55, 0.4, 0.2, 0, 12);
    Made chromium = new Made();
    chromium.composition = Composition.of(0.5, 0.4, 0.2, 0, 12);
    assertThat(sealed(carbides).has("hot-strength-differs")).isTrue();
    assertThat(sealed(chromium).has("hot-strength-differs")).isFalse();
  }

  private static Verdict sealed(Made stiff) {
    return Pairing.of(
        SteelQuestion.mixed(AtmosphereProtection.SEALED, List.of(plain(), stiff.steel("stiff"))));
  }

  @Test
  void uncertainStockIsSaidAndCosts() {
    Made found = new Made();
    found.confidence = Confidence.LOW;
    Verdict verdict =
        Pairing.of(
            SteelQuestion.mixed(
                AtmosphereProtection.BORAX, List.of(plain(), found.steel("found"))));
    assertThat(verdict.has("steel-uncertain")).isTrue();
    assertThat(verdict.score()).isEqualTo(verdict.softScore() - 10);
    assertThat(with("tone", 0.85).has("steel-uncertain")).isFalse();
  }

  @Test
  void stopsStandBeforeConditionsBeforeNotes() {
    Verdict verdict = with("chromium", 12);
    assertThat(verdict.reasons()).extracting(Reason::weight).isSorted();
  }

  @Test
  void oneSteelIsNoPairAndSevenAreTooMany() {
    assertThatThrownBy(() -> SteelQuestion.mixed(AtmosphereProtection.BORAX, List.of(plain())))
        .isInstanceOf(InvalidValue.class);
    assertThatThrownBy(() ->
            SteelQuestion.mixed(
                AtmosphereProtection.BORAX, java.util.Collections.nCopies(7, plain())))
        .isInstanceOf(InvalidValue.class);
  }
}
