package app.geminal.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.compatibility.Grade;
import app.geminal.compatibility.HeatRange;
import app.geminal.compatibility.Member;
import app.geminal.compatibility.Pairing;
import app.geminal.compatibility.Reason;
import app.geminal.compatibility.ReasonWeight;
import app.geminal.compatibility.Role;
import app.geminal.compatibility.SteelQuestion;
import app.geminal.compatibility.Verdict;
import app.geminal.steel.Steels;
import app.geminal.steel.WeldWindow;
import app.geminal.weld.AtmosphereProtection;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every row of the table of pairs: figures, score and verdict. */
class PairVerdictsTest {
  private static final Steels STEELS = ShippedSteels.read();

  private static Verdict mixed(AtmosphereProtection process, String... steels) {
    return Pairing.of(
        SteelQuestion.mixed(process, Arrays.stream(steels).map(STEELS::get).toList()));
  }

  private static Verdict core(AtmosphereProtection process, String core, String sides) {
    return Pairing.of(
        new SteelQuestion(
            List.of(
                new Member(STEELS.get(sides), Role.CLADDING, 1),
                new Member(STEELS.get(core), Role.EDGE, 1),
                new Member(STEELS.get(sides), Role.CLADDING, 1)),
            process,
            true));
  }

  /** Welded as a mixed pattern for a blade; sealed where the table says so. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      nullValues = "-",
      textBlock =
          """
          1084   | 15N20        | BORAX  | 1110 | 1270 | 20   | 0 | 3   | 0.01 | 0.73 | 0.79 | 100 | EXCELLENT
          1095   | 15N20        | BORAX  | 1110 | 1240 | 25   | 0 | 5   | 0.01 | 0.70 | 0.86 | 100 | EXCELLENT
          80CrV2 | 15N20        | BORAX  | 1110 | 1260 | 0    | 1 | 42  | 0.01 | 0.65 | 0.78 | 89  | EXCELLENT
          1075   | 15N20        | BORAX  | 1110 | 1270 | 20   | 0 | 30  | 0.01 | 0.70 | 0.75 | 98  | EXCELLENT
          O1     | 15N20        | BORAX  | 1110 | 1215 | 25   | 1 | 9   | 0.00 | 0.79 | 0.84 | 90  | VERY_GOOD
          O2     | 15N20        | BORAX  | 1110 | 1220 | 20   | 1 | 5   | 0.00 | 0.81 | 0.82 | 91  | VERY_GOOD
          52100  | 15N20        | BORAX  | 1110 | 1220 | 5    | 1 | 71  | 0.02 | 0.57 | 0.88 | 84  | GOOD
          5160   | 15N20        | BORAX  | 1130 | 1270 | -10  | 1 | 66  | 0.02 | 0.55 | 0.68 | 80  | GOOD
          L6     | O1           | BORAX  | 1120 | 1215 | 15   | 0 | 13  | 0.01 | 0.66 | 0.82 | 92  | VERY_GOOD
          9260   | 15N20        | BORAX  | 1130 | 1240 | -40  | 1 | 75  | 0.02 | 0.50 | 0.68 | 64  | SKILLED
          1095   | 1050         | BORAX  | 1120 | 1240 | -5   | 0 | 117 | 0.05 | 0.05 | 0.73 | 73  | GOOD
          cable  | 1095         | BORAX  | 1110 | 1240 | 10   | 0 | 45  | 0.02 | 0.03 | 0.83 | 74  | SKILLED
          5160   | 1018         | BORAX  | 1150 | 1280 | -    | 0 | 0   | 0.07 | 0.25 | 0.39 | 87  | STOP
          1084   | 1018         | BORAX  | 1150 | 1270 | -    | 0 | 0   | 0.10 | 0.43 | 0.51 | 95  | SKILLED
          W2     | wrought_iron | BORAX  | 1180 | 1225 | -    | 0 | 0   | 0.21 | 0.33 | 0.52 | 77  | SKILLED
          1095   | A203E        | BORAX  | 1130 | 1240 | -    | 0 | 0   | 0.13 | 0.65 | 0.56 | 97  | GOOD
          1084   | Ni200        | BORAX  | 1100 | 1270 | -    | 0 | 0   | 0.83 | 0.88 | 0.84 | 90  | STOP
          304    | 1084         | BORAX  | 1120 | 1250 | -    | 0 | 0   | 1.05 | 0.86 | -    | 79  | STOP
          410    | 52100        | SEALED | 1120 | 1220 | -100 | 2 | 76  | 0.08 | 0.62 | -    | 55  | STOP
          420    | 1095         | SEALED | 1120 | 1240 | -165 | 3 | 102 | 0.10 | 0.71 | -    | 54  | STOP
          D2     | 15N20        | SEALED | 1110 | 1140 | -190 | 3 | 32  | 0.03 | 0.23 | -    | 31  | STOP
          A2     | 15N20        | SEALED | 1110 | 1170 | -120 | 3 | 27  | 0.02 | 0.40 | -    | 45  | STOP
          D2     | 440C         | BORAX  | 1080 | 1140 | 10   | 0 | 40  | 0.02 | 0.16 | -    | 61  | STOP
          Hadfield | 1084       | SEALED | 1100 | 1120 | -    | 0 | 0   | 1.25 | 0.18 | -    | 48  | STOP
          """)
  void everyRow(
      String a,
      String b,
      AtmosphereProtection process,
      double weldFrom,
      double weldTo,
      Double overlap,
      int quenchSteps,
      double msApart,
      double strain,
      double tone,
      Double carbon,
      double score,
      Grade grade) {
    Verdict verdict = mixed(process, a, b);
    assertThat(verdict.weld()).contains(new WeldWindow(weldFrom, weldTo));
    if (overlap != null) {
      assertThat(verdict.hardening().map(HeatRange::overlapC)).contains(overlap);
    }
    assertThat(verdict.quenchSteps()).isEqualTo(quenchSteps);
    assertThat(verdict.msApartC()).isCloseTo(msApart, within(0.6));
    // The strain is given as ±30 % of it; the table rounds to 0.01 below that.
    assertThat(verdict.strainPercent()).isCloseTo(strain, within(Math.max(0.011, 0.1 * strain)));
    assertThat(verdict.toneApart()).isCloseTo(tone, within(0.005));
    if (carbon == null) {
      assertThat(verdict.meanCarbon()).isEmpty();
    } else {
      assertThat(verdict.meanCarbon().orElseThrow()).isCloseTo(carbon, within(0.011));
    }
    assertThat(verdict.softScore()).isCloseTo(score, within(1.0));
    assertThat(verdict.grade()).isEqualTo(grade);
  }

  @ParameterizedTest
  @CsvSource({"maraging300, Nb", "1084, Ti2", "1084, CW508L", "1084, CuSn8", "1084, cast_iron"})
  void metalsThatMustNotMeetAreStopped(String a, String b) {
    Verdict verdict = mixed(AtmosphereProtection.SEALED, a, b);
    assertThat(verdict.grade()).isEqualTo(Grade.STOP);
    assertThat(verdict.weld()).isEmpty();
    assertThat(verdict.reasons().getFirst().weight()).isEqualTo(ReasonWeight.STOP);
  }

  @Test
  void brassIsAHazardAndComesFirst() {
    Reason first = mixed(AtmosphereProtection.BORAX, "1084", "CW508L").reasons().getFirst();
    assertThat(first.family()).isEqualTo("zinc-or-lead");
    assertThat(first.safety()).isTrue();
  }

  @Test
  void aHighScoreNeverHidesAStop() {
    Verdict lean = mixed(AtmosphereProtection.BORAX, "5160", "1018");
    assertThat(lean.softScore()).isGreaterThan(85);
    assertThat(lean.grade()).isEqualTo(Grade.STOP);
    assertThat(lean.reasons().getFirst().family()).isEqualTo("edge-carbon");
    Verdict fitting =
        Pairing.of(
            new SteelQuestion(
                List.of(
                    new Member(STEELS.get("5160"), Role.MIXED, 1),
                    new Member(STEELS.get("1018"), Role.MIXED, 1)),
                AtmosphereProtection.BORAX,
                false));
    assertThat(fitting.grade()).isEqualTo(Grade.EXCELLENT);
  }

  @Test
  void chromiumWeldsSealedOnly() {
    assertThat(mixed(AtmosphereProtection.BORAX, "D2", "440C").has("oxide-will-not-lift")).isTrue();
    Verdict sealed = mixed(AtmosphereProtection.SEALED, "D2", "440C");
    assertThat(sealed.has("oxide-will-not-lift")).isFalse();
    assertThat(sealed.grade()).isNotEqualTo(Grade.STOP);
    assertThat(sealed.has("contrast-low")).isTrue();
  }

  @ParameterizedTest
  @CsvSource({"1095, 420", "52100, 410", "1084, 304", "1084, 1018", "W2, wrought_iron"})
  void hopelessMixedCanBeFineAsSides(String core, String sides) {
    assertThat(core(AtmosphereProtection.SEALED, core, sides).grade()).isNotEqualTo(Grade.STOP);
  }

  @Test
  void nickelIsASheetBesideACoreAndNeverTheEdge() {
    assertThat(mixed(AtmosphereProtection.BORAX, "1084", "Ni200").has("soft-through-edge"))
        .isTrue();
    Verdict sheet =
        Pairing.of(
            new SteelQuestion(
                List.of(
                    new Member(STEELS.get("Ni200"), Role.SHEET, 0.1),
                    new Member(STEELS.get("1084"), Role.EDGE, 1)),
                AtmosphereProtection.BORAX,
                true));
    assertThat(sheet.grade()).isNotEqualTo(Grade.STOP);
  }

  @Test
  void copperIsTwoProtectionsAndNeverTheGeneralRule() {
    Verdict mixed = mixed(AtmosphereProtection.BORAX, "Cu", "1095");
    assertThat(mixed.grade()).isEqualTo(Grade.STOP);
    assertThat(mixed.has("no-weld-window")).isFalse();
    Verdict sheets =
        Pairing.of(
            new SteelQuestion(
                List.of(
                    new Member(STEELS.get("1018"), Role.CLADDING, 2),
                    new Member(STEELS.get("Cu"), Role.SHEET, 0.2),
                    new Member(STEELS.get("1095"), Role.EDGE, 3)),
                AtmosphereProtection.SEALED,
                true));
    assertThat(sheets.grade()).isEqualTo(Grade.SKILLED);
    assertThat(sheets.reasons()).filteredOn(r -> r.family().equals("copper-runs")).hasSize(2);
    assertThat(sheets.reasons())
        .filteredOn(r -> r.family().equals("copper-runs"))
        .allMatch(Reason::safety);
  }

  @Test
  void uncertainStockCostsTenPointsAndAsksForACoupon() {
    Verdict cable = mixed(AtmosphereProtection.BORAX, "cable", "1095");
    assertThat(cable.softScore() - cable.score()).isCloseTo(10, within(1e-9));
    assertThat(cable.has("steel-uncertain")).isTrue();
  }

  @Test
  void threeSteelsTakeTheWorstOfTwo() {
    Verdict three = mixed(AtmosphereProtection.BORAX, "1084", "15N20", "O2");
    assertThat(three.weld()).contains(new WeldWindow(1110, 1220));
    assertThat(three.quenchSteps()).isEqualTo(1);
    assertThat(three.toneApart()).isCloseTo((0.73 + 0.81) / 2, within(1e-9));
    assertThat(three.quench().orElseThrow().words().marked()).isEqualTo("fast oil");
  }

  @Test
  void hardnessAfterTheTemperComesLayeredAndEvened() {
    var range = mixed(AtmosphereProtection.BORAX, "1084", "15N20").hardness().orElseThrow();
    assertThat(range.layeredHrc().orElseThrow()).isBetween(59.0, 62.0);
    assertThat(range.evenedHrc().orElseThrow()).isBetween(60.0, 62.5);
    var lean = mixed(AtmosphereProtection.BORAX, "1084", "1018").hardness().orElseThrow();
    assertThat(lean.layeredHrc()).isEmpty();
    assertThat(lean.evenedHrc().orElseThrow()).isLessThan(range.evenedHrc().orElseThrow());
    assertThat(
            mixed(AtmosphereProtection.SEALED, "1084", "304").hardness().orElseThrow().evenedHrc())
        .isEmpty();
  }

  /** Mild steel in a blade: graded by what the edge comes to, without a step, and said. */
  @ParameterizedTest
  @CsvSource({
    "1084, 1018, 68, SKILLED, Mild steel at the edge.",
    "1018, 15N20, 54, POOR, Low carbon at the edge.",
    "S235, 1095, 74, GOOD, Mild steel at the edge.",
    "W2, wrought_iron, 57, SKILLED, Mild steel at the edge.",
    "1084, wrought_iron, 50, POOR, Low carbon at the edge."
  })
  void mildSteelInAnEdgeCostsAndIsSaid(String a, String b, double score, Grade grade, String what) {
    Verdict verdict = mixed(AtmosphereProtection.BORAX, a, b);
    assertThat(verdict.score()).isCloseTo(score, within(2.5));
    assertThat(verdict.grade()).isEqualTo(grade);
    assertThat(verdict.reasons())
        .filteredOn(r -> r.family().equals("edge-carbon"))
        .singleElement()
        .satisfies(r -> {
          assertThat(r.weight()).isEqualTo(ReasonWeight.CONDITION);
          assertThat(r.what()).hasToString(what);
          assertThat(r.action().toString()).contains("separate core");
        });
  }

  @Test
  void theScoreFallsSmoothlyWithTheShareOfMildSteel() {
    double before = 100;
    for (double share = 0.05; share < 1.4; share += 0.05) {
      Verdict v =
          Pairing.of(
              new SteelQuestion(
                  List.of(
                      new Member(STEELS.get("1084"), Role.MIXED, 1),
                      new Member(STEELS.get("1018"), Role.MIXED, share)),
                  AtmosphereProtection.BORAX,
                  true));
      assertThat(v.score()).isLessThanOrEqualTo(before + 1e-9).isGreaterThan(before - 6);
      assertThat(v.grade() == Grade.STOP)
          .as("share %.2f", share)
          .isEqualTo(v.meanCarbon().orElseThrow() < 0.4);
      before = v.score();
    }
  }

  @Test
  void thickLayersOfMildSteelStaySoftAtTheEdge() {
    List<Member> members =
        List.of(
            new Member(STEELS.get("1084"), Role.MIXED, 1),
            new Member(STEELS.get("1018"), Role.MIXED, 1));
    Verdict fine = Pairing.of(new SteelQuestion(members, AtmosphereProtection.BORAX, true, 0));
    Verdict between = Pairing.of(new SteelQuestion(members, AtmosphereProtection.BORAX, true, 0.2));
    Verdict thick = Pairing.of(new SteelQuestion(members, AtmosphereProtection.BORAX, true, 0.9));
    assertThat(between.score()).isLessThan(fine.score());
    assertThat(thick.grade()).isEqualTo(Grade.STOP);
    assertThat(thick.reasons().getFirst().why().toString())
        .contains("90% of the carbon difference");
  }

  @Test
  void carbonComesToRestAtEqualActivity() {
    Verdict verdict = mixed(AtmosphereProtection.BORAX, "1060", "9260");
    // The table's 0.80 for 1060 beside 9260: silicon drives carbon out, and the edge is as lean.
    assertThat(verdict.meanCarbon().orElseThrow()).isCloseTo(0.6, within(0.011));
    Verdict ordinary = mixed(AtmosphereProtection.BORAX, "1060", "1075");
    assertThat(verdict.score() / verdict.softScore())
        .isLessThan(ordinary.score() / ordinary.softScore());
  }

  @Test
  void metalsThatShareNoCarbonAreLeftOutOfIt() {
    Verdict nickel = mixed(AtmosphereProtection.BORAX, "1084", "Ni200");
    assertThat(nickel.meanCarbon()).hasValue(STEELS.get("1084").carbonPercent());
    assertThat(nickel.has("edge-carbon")).isFalse();
    Verdict stainless = mixed(AtmosphereProtection.SEALED, "1084", "304");
    assertThat(stainless.reasons())
        .filteredOn(r -> r.family().equals("edge-carbon"))
        .singleElement()
        .satisfies(r -> assertThat(r.weight()).isEqualTo(ReasonWeight.NOTE));
  }

  @Test
  void oneSteelIsNoPair() {
    assertThatThrownBy(() -> mixed(AtmosphereProtection.BORAX, "1084", "1084"))
        .hasMessageContaining("One steel shows no pattern");
    assertThat(mixed(AtmosphereProtection.BORAX, "1084", "15N20", "1084").grade())
        .isEqualTo(Grade.EXCELLENT);
  }
}
