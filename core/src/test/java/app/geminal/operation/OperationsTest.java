package app.geminal.operation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.bar.Bars;
import app.geminal.heat.Atmosphere;
import app.geminal.heat.Scale;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import app.geminal.weld.Tack;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class OperationsTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();
  private static final OperationContext BENCH = OperationContext.of(PRACTICE);
  private static final LayerSequence THREE =
      LayerSequence.join(
          List.of(
              LayerSequence.band("D", 4), LayerSequence.band("B", 2), LayerSequence.band("D", 4)));

  private static Bars bar(double length) {
    return Bars.level(1, 40, length, THREE, 3, false);
  }

  private static SetWeld weld(
      int heats, double reduction, double celsius, double soak, AtmosphereProtection protection) {
    return new SetWeld(
        heats, reduction, celsius, soak, protection, Tack.ENDS, Jacket.BEAD, Tool.FLAT, 0);
  }

  private static Bars after(Operation operation, Bars bars) {
    return ((Done) operation.applyTo(bars, BENCH)).bars();
  }

  private static Impossible refused(Operation operation, Bars bars) {
    return (Impossible) operation.applyTo(bars, BENCH);
  }

  /** 38 × 83 × 127 mm at 7850 kg/m³ is 3.144 kg, and at 25 × 25 it is 641 mm long. */
  @Test
  void drawingKeepsVolume() {
    Bars block = Bars.level(1, 38, 127, LayerSequence.band("D", 83), 1, false);
    assertThat(block.amount().massKg(TestSteels.ALL)).isCloseTo(3.144, within(0.0005));
    assertThat(block.reshaped(25, 25).lengthMm()).isCloseTo(641, within(0.5));
  }

  @Test
  void drawingLosesScaleOncePerHeat() {
    double skin = Scale.recessionMm(1100, 5, Atmosphere.RICH);
    Done one = (Done) new Draw(30, 6, 1, Tool.ROUND).applyTo(bar(200), BENCH);
    Bars drawn = one.bars();
    assertThat(drawn.widthMm()).isEqualTo(30);
    assertThat(drawn.heightMm()).isCloseTo(6, within(1e-9));
    double before = (40 - 2 * skin) * (10 - 2 * skin) * (200 - 2 * skin);
    assertThat(drawn.lengthMm()).isCloseTo(before / 180, within(1e-9));
    assertThat(one.losses()).singleElement().extracting(l -> l.kind()).isEqualTo(LossKind.SCALE);
    assertThat(after(new Draw(30, 6, 4, Tool.ROUND), bar(200)).lengthMm())
        .isLessThan(drawn.lengthMm());
  }

  @Test
  void drawingCannotGrowTheSection() {
    assertThat(refused(new Draw(41, 10, 1, Tool.ROUND), bar(200)).reason().marked())
        .contains("[[mm 41]]");
    assertThat(after(new Draw(20, 18, 1, Tool.ROUND), bar(200)).heightMm())
        .isCloseTo(18, within(1e-9));
    assertThat(refused(new Draw(1, 1, 1, Tool.ROUND), bar(2000)).reason().marked())
        .contains("long");
  }

  @Test
  void setWeldGrowsTheFaceAndClosesTheJoints() {
    Bars loose = Bars.level(1, 40, 100, THREE, 3, true);
    Bars set = after(weld(2, 0.19, 1180, 0, AtmosphereProtection.BORAX), loose);
    assertThat(set.loose()).isFalse();
    assertThat(set.heightMm()).isCloseTo(8.1, within(1e-9));
    assertThat(set.widthMm()).isCloseTo(40 / 0.9, within(1e-9));
    assertThat(set.lengthMm()).isCloseTo(100 / 0.9, within(1e-9));
    assertThat(weld(2, 0.19, 1180, 0, AtmosphereProtection.BORAX).reductionPerHeat())
        .isCloseTo(0.1, within(1e-12));
  }

  @Test
  void aSealedStackLosesNoScaleAndLaterHeatsSoakHalfAsLong() {
    Done sealed = (Done) weld(3, 0, 1180, 20, AtmosphereProtection.SEALED).applyTo(bar(200), BENCH);
    assertThat(sealed.losses())
        .singleElement()
        .extracting(l -> l.kind())
        .isEqualTo(LossKind.JACKET);
    assertThat(sealed.bars().widthMm()).isEqualTo(40 - 2 * PRACTICE.jacketMm());
    double first = Scale.recessionMm(1180, 20, Atmosphere.RICH);
    double later = Scale.recessionMm(1180, 10, Atmosphere.RICH);
    assertThat(skinLost(weld(3, 0, 1180, 20, AtmosphereProtection.DRY)))
        .isCloseTo(first + 2 * later, within(1e-9));
  }

  private static double skinLost(SetWeld weld) {
    return (40 - after(weld, bar(200)).widthMm()) / 2;
  }

  @Test
  void trimTakesEndsAndEdges() {
    Bars trimmed = after(new Trim(10, 30, 2), bar(200));
    assertThat(trimmed.lengthMm()).isEqualTo(160);
    assertThat(trimmed.widthMm()).isEqualTo(36);
    assertThat(refused(new Trim(150, 50, 0), bar(200)).field()).isEqualTo("backMm");
    assertThat(refused(new Trim(0, 0, 20), bar(200)).field()).isEqualTo("sidesMm");
    assertThat(after(new Trim(150, 49.9, 0), bar(200)).lengthMm()).isCloseTo(0.1, within(1e-9));
  }

  @Test
  void grindTakesLayersFromTheOutside() {
    Bars ground = after(new Grind(4, 1), bar(200));
    assertThat(ground.heightMm()).isCloseTo(5, within(1e-9));
    assertThat(ground.layers().visibleCount()).isEqualTo(2);
    assertThat(ground.layers().bottomSteel()).isEqualTo("B");
    assertThat(refused(new Grind(6, 4), bar(200)).field()).isEqualTo("bottomMm");
  }

  @Test
  void cutLosesOneKerfLessThanThePieces() {
    Bars cut = after(new Cut(5, 2, 0), bar(208));
    assertThat(cut.count()).isEqualTo(5);
    assertThat(cut.lengthMm()).isEqualTo(40);
    assertThat(after(new Cut(2, 2, 0), cut).count()).isEqualTo(10);
    assertThat(refused(new Cut(5, 2, 0), bar(8)).field()).isEqualTo("pieces");
  }

  @Test
  void restackAddsHeightsAndWhatIsBetween() {
    Bars five = after(new Cut(5, 2, 0), bar(208));
    Piece sheet = new Piece("B", 1);
    Done done = (Done) new Restack(Restack.ALL_SAME, List.of(sheet), 0).applyTo(five, BENCH);
    assertThat(done.bars().heightMm()).isCloseTo(54, within(1e-9));
    assertThat(done.bars().count()).isEqualTo(1);
    assertThat(done.bars().loose()).isTrue();
    assertThat(done.layers()).isEqualTo(new Done.Layers.Joined(8, 19, 0, java.util.Set.of()));
    assertThat(done.added().volumeMm3()).isCloseTo(4 * 40 * 40, within(1e-9));
    assertThat(refused(Restack.of(Restack.ALL_SAME), bar(200)).remedy().marked()).contains("Cut");
  }

  @Test
  void foldHalvesTheLengthAndDoublesTheHeight() {
    Bars folded = after(new Fold(10, 1), bar(210));
    assertThat(folded.lengthMm()).isEqualTo(100);
    assertThat(folded.heightMm()).isCloseTo(20, within(1e-9));
    assertThat(refused(new Fold(210, 1), bar(210)).field()).isEqualTo("endLossMm");
  }

  @Test
  void tooManyHeatsBurnTheBarAway() {
    Bars foil = Bars.level(1, 40, 100, LayerSequence.band("D", 0.2), 1, false);
    assertThat(refused(new Draw(30, 0.1, 20, Tool.ROUND), foil).reason().marked())
        .contains("burns away");
  }

  static List<ThrowingCallable> badValues() {
    return List.of(
        () -> new Draw(0, 10, 1, Tool.ROUND),
        () -> new Draw(10, -1, 1, Tool.ROUND),
        () -> new Draw(10, Double.NaN, 1, Tool.ROUND),
        () -> new Draw(Double.POSITIVE_INFINITY, 1, 1, Tool.ROUND),
        () -> new Draw(10, 10, 0, Tool.ROUND),
        () -> new Cut(1, 1, 0),
        () -> new Cut(61, 1, 0),
        () -> new Cut(2, -0.1, 0),
        () -> new Trim(-1, 0, 0),
        () -> new Grind(0, 101),
        () -> new Fold(-1, 1),
        () -> weld(0, 0.1, 1180, 10, AtmosphereProtection.BORAX),
        () -> weld(1, 0.51, 1180, 10, AtmosphereProtection.BORAX),
        () -> weld(1, 0.1, 599, 10, AtmosphereProtection.BORAX),
        () -> new Piece("D", 0),
        () -> new Piece("D D", 1),
        () -> new Piece("", 1),
        () -> new Stack(List.of(), 40, 100),
        () -> new Stack(List.of(new Piece("D", 1)), 0, 100),
        () -> new Stack(List.of(new Piece("D", 1)), 40, 3001));
  }

  @ParameterizedTest
  @MethodSource("badValues")
  void valuesThatBreakTheirRuleNeverComeToExist(ThrowingCallable make) {
    assertThatThrownBy(make)
        .isInstanceOfSatisfying(
            InvalidValue.class,
            bad -> {
              assertThat(bad.path()).isNotEmpty();
              assertThat(bad.words().marked()).isNotEmpty();
            });
  }
}
