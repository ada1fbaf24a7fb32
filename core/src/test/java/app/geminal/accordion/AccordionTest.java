package app.geminal.accordion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.bar.Bars;
import app.geminal.billet.Run;
import app.geminal.finding.Checks;
import app.geminal.finding.Finding;
import app.geminal.finding.ShopKnowledge;
import app.geminal.geometry.Point;
import app.geminal.geometry.ShapeChangeLaws;
import app.geminal.layers.LayerSequence;
import app.geminal.ledger.LossKind;
import app.geminal.notation.Shorthand;
import app.geminal.operation.Done;
import app.geminal.operation.OperationContext;
import app.geminal.operation.OperationKinds;
import app.geminal.operation.OperationResult;
import app.geminal.pattern.Field;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopDefaults;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AccordionTest {
  private static final ShopDefaults SHOP = ShopDefaults.common();
  private static final String STACK = "9 (D 5, B 5) 20 x 105 > ";

  private static Run run(String steps) {
    return Run.of(Shorthand.parse(STACK + steps, UnitSystem.METRIC, SHOP), TestSteels.ALL, SHOP);
  }

  /** 20 wide, 45 high and 105 long once the scale of one heat is off, in nine layers. */
  private static Bars bar() {
    double scale = 2 * new Accordion(25, 16, 0, 1).skinMm(SHOP);
    List<LayerSequence> layers =
        IntStream.range(0, 9)
            .mapToObj(i ->
                LayerSequence.band(i % 2 == 0 ? "D" : "B", i == 0 || i == 8 ? 5 + scale / 2 : 5))
            .toList();
    return Bars.level(1, 20 + scale, 105 + scale, LayerSequence.join(layers), 9, false);
  }

  private static Done opened(double flattenToMm) {
    OperationResult result =
        new Accordion(25, 16, flattenToMm, 1).applyTo(bar(), OperationContext.of(SHOP));
    return (Done) result;
  }

  private static List<String> found(Run run) {
    return Checks.of(run, TestSteels.ALL, Shop.common(), ShopKnowledge.nothing()).stream()
        .filter(f -> f.kind() instanceof AccordionTopic)
        .map(Finding::family)
        .toList();
  }

  @Test
  void isFoundAsAServiceAmongTheKindsAtHomeElsewhere() {
    assertThat(OperationKinds.further()).contains(Accordion.KIND);
    assertThat(Finding.families()).contains("hinge-tears", "hinge-too-stiff", "hot-cut");
  }

  /** A bar 20 wide, 45 high and 105 long, cut every 25: four pieces, and 5 mm over. */
  @Test
  void fourPiecesBecomeABarFourWidthsLong() {
    Done opened = opened(0);
    Bars bars = opened.bars();
    assertThat(bars.lengthMm()).isCloseTo(80, within(1e-9));
    assertThat(bars.widthMm()).isCloseTo(45, within(1e-9));
    assertThat(bars.heightMm()).isCloseTo(25, within(1e-9));
    assertThat(opened.losses())
        .filteredOn(loss -> loss.kind() == LossKind.TRIM)
        .singleElement()
        .satisfies(loss -> assertThat(loss.amount().volumeMm3()).isCloseTo(4500, within(1e-6)));
    assertThat(bars.visibleCount()).isEqualTo(9);
    assertThat(bars.section().isCountedAcross()).isTrue();
  }

  @Test
  void flattensFurtherWhereItIsAskedTo() {
    Bars bars = opened(10).bars();
    assertThat(bars.heightMm()).isEqualTo(10);
    assertThat(bars.widthMm()).isCloseTo(45, within(1e-9));
    assertThat(bars.lengthMm()).isCloseTo(200, within(1e-9));
  }

  /** Where steel comes from: worked by hand for the first piece and its mirror image. */
  @ParameterizedTest
  @CsvSource({
    "3, 10, 25, 0, 3, 35",
    "3, 10, 0, 25, 3, 35",
    "23, 10, 0, 25, 17, 35",
    "23, 10, 25, 50, 17, 35",
    "79, 45, 1, 76, 1, 0"
  })
  void endGrainComesToTheFace(double x, double y, double z, double fromX, double fromY, double up) {
    Unfolded unfolded = new Unfolded(4, 25, 20, 45);
    Point p = new Point();
    p.begin(x, y, z, 0);
    unfolded.back().getFirst().back(p);
    assertThat(p.x).isCloseTo(fromX, within(1e-9));
    assertThat(p.y).isCloseTo(fromY, within(1e-9));
    assertThat(p.z).isCloseTo(up, within(1e-9));
  }

  @Test
  void keepsToTheLawsOfEveryChange() {
    LayerSequence layers =
        LayerSequence.join(List.of(LayerSequence.band("D", 12), LayerSequence.band("B", 18)));
    ShapeChangeLaws.hold(Bars.level(2, 20, 100, layers, 2, false), new Unfolded(4, 25, 20, 30));
    ShapeChangeLaws.hold(Bars.level(1, 20, 75, layers, 2, false), new Unfolded(3, 25, 20, 30));
  }

  /** The picture shows on its face what the bar had on its end. */
  @Test
  void theFaceShowsTheLayersOfTheEnd() {
    Run run = run("set 2 0% > accordion pitch 25, depth 16");
    Field end = Field.of(run, 1);
    Field face = Field.of(run, 2);
    for (double up = 2.5; up < 45; up += 5) {
      assertThat(face.steelAt(30, face.bars().widthMm() - up, 24, 0))
          .isEqualTo(end.steelAt(50, 10, up, 0));
    }
  }

  @ParameterizedTest
  @CsvSource({
    "'accordion pitch 25, depth 20', through a bar",
    "'accordion pitch 60, depth 16', fewer than two pieces",
    "'accordion pitch 25, depth 16, to 30', does not come out",
  })
  void saysWhyItCannotBeDone(String step, String why) {
    assertThat(run("set 2 0% > " + step).stop().orElseThrow().why().reason().read(Units.METRIC))
        .contains(why);
  }

  @Test
  void findsHingesThatTearAndHingesThatDoNotOpen() {
    assertThat(found(run("set 2 > accordion pitch 25, depth 18"))).contains("hinge-tears");
    assertThat(found(run("set 2 > accordion pitch 25, depth 5"))).contains("hinge-too-stiff");
    assertThat(found(run("set 2 > accordion pitch 25, depth 15"))).containsExactly("hot-cut");
  }
}
