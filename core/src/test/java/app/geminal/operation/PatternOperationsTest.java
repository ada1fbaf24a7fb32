package app.geminal.operation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.bar.Bars;
import app.geminal.bar.Form;
import app.geminal.layers.LayerSequence;
import app.geminal.layup.Piece;
import app.geminal.layup.Turn;
import app.geminal.ledger.Amount;
import app.geminal.ledger.LossKind;
import app.geminal.shop.ShopDefaults;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Steps that leave the layers lying another way. Scale is left out: no minutes at heat. */
class PatternOperationsTest {
  private static final OperationContext BENCH = OperationContext.of(cold());
  private static final LayerSequence SEVEN =
      LayerSequence.join(
          List.of(
              LayerSequence.join(List.of(LayerSequence.band("D", 4), LayerSequence.band("B", 2)))
                  .times(3),
              LayerSequence.band("D", 2)));

  /** The common habits without the time in the fire. */
  private static ShopDefaults cold() {
    ShopDefaults p = ShopDefaults.common();
    return new ShopDefaults(
        p.atmosphere(),
        p.protection(),
        p.settingHeats(),
        p.setReduction(),
        p.weldTemperatureC(),
        0,
        p.tack(),
        p.jacket(),
        p.setTool(),
        p.drawTemperatureC(),
        0,
        p.drawTool(),
        p.kerfMm(),
        p.endTrimMm(),
        p.faceGrindMm(),
        p.jacketMm(),
        p.finishGrindMm(),
        p.scaleFactor(),
        p.faces(),
        p.degreases());
  }

  private static Bars square(double length) {
    return Bars.level(1, 20, length, SEVEN, 7, false);
  }

  private static Done done(Operation operation, Bars bars) {
    return (Done) operation.applyTo(bars, BENCH);
  }

  private static Impossible refused(Operation operation, Bars bars) {
    return (Impossible) operation.applyTo(bars, BENCH);
  }

  private static double lost(Done done, LossKind kind) {
    return done.losses().stream()
        .filter(l -> l.kind() == kind)
        .mapToDouble(l -> l.amount().volumeMm3())
        .sum();
  }

  @Test
  void twistingKeepsLengthAndLayersAndComesOutSquare() {
    Twist twist = new Twist(4, 1, Twist.Hand.RIGHT, true, 1);
    Bars flat = Bars.level(1, 16, 200, SEVEN, 7, false);
    Bars twisted = done(twist, flat).bars();
    assertThat(twisted.lengthMm()).isCloseTo(200, within(1e-9));
    assertThat(twisted.widthMm()).isCloseTo(Math.sqrt(16 * 20), within(1e-9));
    assertThat(twisted.heightMm()).isCloseTo(twisted.widthMm(), within(1e-9));
    assertThat(twisted.visibleCount()).isEqualTo(7);
    assertThat(twisted.amount().volumeMm3()).isCloseTo(flat.amount().volumeMm3(), within(1e-6));
    assertThat(refused(twist, Bars.level(1, 31, 200, SEVEN, 7, false)).remedy().marked())
        .contains("square");
  }

  /** 12.7 mm round at one turn an inch: γ = 1.57; square at two: half the diagonal, 4.44 at 2. */
  @Test
  void shearOfATwist() {
    Bars inch = Bars.level(1, 12.7, 25.4, LayerSequence.band("D", 12.7), 1, false);
    Bars round = inch.withForm(Form.ROUND, Math.PI / 4);
    assertThat(new Twist(1, 1, Twist.Hand.LEFT, true, 1).shear(round))
        .isCloseTo(1.57, within(0.005));
    assertThat(new Twist(2, 1, Twist.Hand.LEFT, false, 1).shear(inch))
        .isCloseTo(4.44, within(0.005));
  }

  @Test
  void aQuarterOfTheWayLayersAreCrossedByBothLinesAQuarterTurnLaysThemOver() {
    Bars eighth = done(new Resquare(45, 0, 1), square(100)).bars();
    assertThat(eighth.section().up().visibleCount()).isEqualTo(7);
    assertThat(eighth.section().across().visibleCount()).isEqualTo(7);
    Bars quarter = done(new Resquare(90, 0, 1), square(100)).bars();
    assertThat(quarter.section().up().visibleCount()).isEqualTo(1);
    assertThat(quarter.section().across().visibleCount()).isEqualTo(7);
    Bars smaller = done(new Resquare(45, 10, 1), square(100)).bars();
    assertThat(smaller.lengthMm()).isCloseTo(400, within(1e-9));
    assertThat(refused(new Resquare(45, 21, 1), square(100)).field()).isEqualTo("sideMm");
    assertThat(
            refused(new Resquare(45, 0, 1), Bars.level(1, 24, 100, SEVEN, 7, false))
                .remedy()
                .marked())
        .contains("square");
  }

  @Test
  void upsettingStandsLayersOnEdgeAndASecondOneLaysThemDown() {
    Bars bar = Bars.level(1, 30, 100, SEVEN, 7, false);
    Bars upset = done(new Upset(0.5, 0, 1), bar).bars();
    assertThat(upset.heightMm()).isCloseTo(15, within(1e-9));
    assertThat(upset.widthMm()).isCloseTo(40, within(1e-9));
    assertThat(upset.section().isCountedAcross()).isTrue();
    assertThat(upset.visibleCount()).isEqualTo(7);
    Bars trimmed = ((Done) new Trim(0, 0, 9).applyTo(upset, BENCH)).bars();
    assertThat(trimmed.visibleCount()).isEqualTo(4);
    Bars back = done(new Upset(0, 0, 1), upset).bars();
    assertThat(back.section().isLevel()).isTrue();
    assertThat(refused(new Upset(0.5, 21, 1), bar).field()).isEqualTo("bowMm");
  }

  @Test
  void aRollIsMetOnBothSidesOfTheAxisInEveryTurn() {
    LayerSequence two =
        LayerSequence.join(List.of(LayerSequence.band("D", 2), LayerSequence.band("B", 1)));
    Bars strip = Bars.level(1, 60, 300, two, 2, false);
    Bars roll = done(new RollUp(true, null, 1), strip).bars();
    assertThat(roll.lengthMm()).isEqualTo(60);
    assertThat(roll.heightMm()).isCloseTo(30, within(1e-9));
    assertThat(roll.loose()).isTrue();
    // 5.6 turns of 3 mm in a radius of 16.9 mm: met 7 times above the axis and 6 times below it,
    // the
    // tapering ends included; in the middle the strip meets itself.
    assertThat(roll.shopCount()).isEqualTo(26);
    assertThat(roll.visibleCount()).isEqualTo(25);
    Done cored = done(new RollUp(false, new Piece("M", 6), 1), strip);
    assertThat(cored.bars().form()).isEqualTo(Form.ROUND);
    assertThat(cored.bars().amount().volumeMm3())
        .isCloseTo(strip.amount().volumeMm3() + Math.PI * 9 * 60, within(1e-6));
    assertThat(cored.bars().section().up().steelAt(cored.bars().heightMm() / 2)).isEqualTo("M");
    assertThat(refused(new RollUp(true, null, 1), strip.withLength(9)).reason().marked())
        .contains("too short for one turn");
  }

  @Test
  void fourTilesAreTwiceAsWideTwiceAsHighAndAQuarterAsLong() {
    Done tiled = done(new FourWay(Turn.SAME, 2), square(106));
    assertThat(tiled.bars().lengthMm()).isEqualTo(25);
    assertThat(tiled.bars().widthMm()).isEqualTo(40);
    assertThat(tiled.bars().heightMm()).isEqualTo(40);
    assertThat(tiled.bars().visibleCount()).isEqualTo(13);
    assertThat(lost(tiled, LossKind.KERF)).isCloseTo(6 * 400, within(1e-6));
    Bars quarter = done(new FourWay(Turn.QUARTER, 0), square(100)).bars();
    assertThat(quarter.section().isCountedAcross()).isTrue();
    assertThat(quarter.visibleCount()).isEqualTo(13);
    assertThat(refused(new FourWay(Turn.SAME, 2), square(6)).field()).isEqualTo("kerfMm");
  }

  @Test
  void groundGroovesAreLostAndTheBarGrowsPressedOnesAreGroundFlush() {
    Ladder ground = new Ladder(10, 6, 3, false, false, 0, 1);
    Done grooved = done(ground, square(100));
    double groove = 2.0 / 3 * 6 * 3 * 20;
    assertThat(lost(grooved, LossKind.GRINDING)).isCloseTo(10 * groove, within(1e-6));
    assertThat(grooved.bars().heightMm()).isCloseTo(17, within(1e-9));
    assertThat(grooved.bars().lengthMm())
        .isCloseTo((20 * 20 * 100 - 10 * groove) / (20 * 17), within(1e-9));
    Done pressed = done(new Ladder(10, 6, 3, true, true, 0, 1), square(100));
    assertThat(pressed.bars().lengthMm()).isEqualTo(100);
    assertThat(pressed.bars().heightMm()).isCloseTo(14, within(1e-9));
    assertThat(lost(pressed, LossKind.GRINDING)).isCloseTo(6 * 20 * 100, within(1e-6));
    assertThat(pressed.bars().visibleCount()).isEqualTo(7);
    assertThat(refused(new Ladder(10, 6, 3, false, false, 18, 1), square(100)).field())
        .isEqualTo("flattenToMm");
    assertThat(refused(new Ladder(10, 6, 10, true, true, 0, 1), square(100)).field())
        .isEqualTo("depthMm");
  }

  @Test
  void dimplesTakeACapOfABall() {
    Dimples dimples = new Dimples(10, 8, 2, false, 0, 1);
    assertThat(dimples.hollowMm3()).isCloseTo(Math.PI * 2 * (3 * 16 + 4) / 6, within(1e-9));
    Done drilled = done(dimples, square(100));
    assertThat(lost(drilled, LossKind.GRINDING)).isCloseTo(20 * dimples.hollowMm3(), within(1e-6));
    assertThat(drilled.bars().heightMm()).isCloseTo(18, within(1e-9));
    assertThat(refused(new Dimples(10, 8, 10, true, 0, 1), square(100)).field())
        .isEqualTo("depthMm");
  }

  @Test
  void anUnevenSurfaceChangesNoSizeAndMustFit() {
    Bars uneven = done(new ForgedSurface(2, 12, 1), square(100)).bars();
    assertThat(uneven.heightMm()).isEqualTo(20);
    assertThat(uneven.visibleCount()).isEqualTo(7);
    assertThat(refused(new ForgedSurface(10, 12, 1), square(100)).field()).isEqualTo("amplitudeMm");
  }

  @Test
  void aSandwichIsCutToItsNarrowestAndItsForgedFacesAreGround() {
    Sandwich sandwich =
        new Sandwich(List.of(new Piece("M", 5, 18, 0, 1)), List.of(new Piece("M", 5)), 0.5);
    Done laid = done(sandwich, square(100));
    assertThat(laid.bars().widthMm()).isEqualTo(18);
    assertThat(laid.bars().heightMm()).isCloseTo(20 - 1 + 10, within(1e-9));
    assertThat(laid.bars().visibleCount()).isEqualTo(9);
    assertThat(laid.added().volumeMm3()).isCloseTo(5 * 18 * 100 + 5 * 20 * 100, within(1e-6));
    assertThat(lost(laid, LossKind.GRINDING)).isCloseTo(1 * 20 * 100, within(1e-6));
    assertThat(new Sandwich(List.of(new Piece("M", 5)), List.of(), 0).isMirrored()).isFalse();
  }

  @Test
  void barsSideBySideAreGroundToTheLowestAndCountedBarByBar() {
    LayUp edge =
        new LayUp(Restack.ALL_SAME, List.of(new Piece("M", 6, 18, 0, 1)), List.of(), List.of(), 0);
    Done laid = done(edge, square(100));
    assertThat(laid.bars().widthMm()).isEqualTo(26);
    assertThat(laid.bars().heightMm()).isEqualTo(18);
    assertThat(lost(laid, LossKind.GRINDING)).isCloseTo(2 * 20 * 100, within(1e-6));
    assertThat(laid.bars().visibleCount()).isEqualTo(6);
    assertThat(refused(LayUpAlone.INSTANCE, square(100)).remedy().marked()).contains("Cut the bar");
    Bars five = done(LayUpAlone.INSTANCE, square(100).times(5)).bars();
    assertThat(five.widthMm()).isEqualTo(100);
    assertThat(five.section().isLevel()).isTrue();
  }

  private static final class LayUpAlone {
    static final LayUp INSTANCE = new LayUp(Restack.ALL_SAME, List.of(), List.of(), List.of(), 0);
  }

  @Test
  void quarterTurnedBarsStandTheirLayersOnEdge() {
    Bars two = square(100).times(2);
    Done stood = done(Restack.of(List.of(Turn.QUARTER)), two);
    assertThat(stood.bars().heightMm()).isEqualTo(40);
    assertThat(stood.bars().section().isCountedAcross()).isTrue();
    assertThat(stood.bars().visibleCount()).isEqualTo(7);
    Done mixed =
        done(Restack.of(List.of(Turn.SAME, Turn.QUARTER)), Bars.level(2, 15, 100, SEVEN, 7, false));
    assertThat(mixed.bars().widthMm()).isEqualTo(15);
    assertThat(mixed.bars().heightMm()).isEqualTo(35);
    assertThat(lost(mixed, LossKind.TRIM)).isCloseTo(5 * 15 * 100, within(1e-6));
  }

  @Test
  void outsidesStayUngroundWhenJointFacesAreGround() {
    Done laid = done(new Restack(Restack.ALL_SAME, List.of(), 0.5), square(100).times(3));
    assertThat(laid.bars().heightMm()).isCloseTo(60 - 4 * 0.5, within(1e-9));
    assertThat(lost(laid, LossKind.GRINDING)).isCloseTo(2 * 20 * 100, within(1e-6));
    assertThat(refused(new Restack(Restack.ALL_SAME, List.of(), 10), square(100).times(2)).field())
        .isEqualTo("faceGrindMm");
  }

  @Test
  void solidBarsLaidTogetherHaveNoVoids() {
    Bars uneven = Bars.level(1, 38.1, 100, SEVEN.scaledBy(0.40625 * 25.4 / 20), 7, false);
    for (int n = 2; n < 40; n++) {
      assertThat(done(Restack.of(Restack.ALL_SAME), uneven.times(n)).bars().hasVoids()).isFalse();
    }
  }

  @Test
  void barsAndLengthsCanBeSetAside() {
    Done two = done(SetAside.bars(2), square(100).times(5));
    assertThat(two.bars().count()).isEqualTo(3);
    assertThat(two.aside().orElseThrow().count()).isEqualTo(2);
    assertThat(done(SetAside.bars(5), square(100).times(5)).bars().count()).isZero();
    assertThat(refused(SetAside.bars(6), square(100).times(5)).field()).isEqualTo("pieces");
    Done length = done(SetAside.length(30, 2), square(100));
    assertThat(length.bars().lengthMm()).isEqualTo(68);
    assertThat(length.aside().orElseThrow().lengthMm()).isEqualTo(30);
    assertThat(lost(length, LossKind.KERF)).isCloseTo(2 * 400, within(1e-6));
    assertThat(refused(SetAside.length(98, 2), square(100)).field()).isEqualTo("lengthMm");
  }

  @Test
  void marksAreScribedFromTheSquaredEndWithTheKerf() {
    Cut.Marks equal = Cut.equal(4, 2).marks(206);
    assertThat(equal.fromEndMm()).containsExactly(50.0, 102.0, 154.0);
    assertThat(equal.pieceMm()).isEqualTo(50);
    assertThat(equal.leftMm()).isZero();
    Cut.Marks each = new Cut(3, 2, 60).marks(206);
    assertThat(each.fromEndMm()).containsExactly(60.0, 122.0, 184.0);
    assertThat(each.leftMm()).isCloseTo(20, within(1e-9));
    assertThat(new Cut(3, 2, 60).marks(184).fromEndMm()).containsExactly(60.0, 122.0);
    Done cut = done(new Cut(3, 2, 60), square(206));
    assertThat(lost(cut, LossKind.TRIM)).isCloseTo(20 * 400, within(1e-6));
    assertThat(lost(cut, LossKind.KERF)).isCloseTo(6 * 400, within(1e-6));
    assertThat(refused(new Cut(3, 2, 60), square(183)).reason().marked()).contains("[[mm 184]]");
  }

  @Test
  void aBladeIsGroundOutOfTheMiddle() {
    Blade blade = new Blade(Blade.Profile.DROP, 90, 18, 4, 0.4, 15, 0.4, 30);
    Done ground = done(blade, square(100));
    assertThat(ground.bars().form()).isEqualTo(Form.BLADE);
    assertThat(ground.bars().heightMm()).isCloseTo(4, within(1e-9));
    assertThat(ground.bars().amount().volumeMm3())
        .isCloseTo(90 * 18 * 4 * blade.boxShare(), within(1e-6));
    assertThat(blade.bevelDeg()).isCloseTo(Math.toDegrees(Math.atan(1.8 / 15)), within(1e-9));
    assertThat(lost(ground, LossKind.TRIM)).isCloseTo(10 * 400, within(1e-6));
    assertThat(refused(new Blade(Blade.Profile.DROP, 101, 18, 4, 0, 15, 0, 0), square(100)).field())
        .isEqualTo("lengthMm");
  }

  @Test
  void voidsCloseBeforeAnythingSpreads() {
    Bars cable = Bars.level(1, 30, 100, LayerSequence.band("D", 21), 1, true).withFill(0.7);
    assertThat(cable.heightMm()).isCloseTo(30, within(1e-9));
    SetWeld gentle = SetWeld.of(cold()).withReduction(0.2);
    Bars once = done(gentle, cable).bars();
    assertThat(once.widthMm()).isCloseTo(30, within(1e-9));
    assertThat(once.heightMm()).isCloseTo(24, within(1e-9));
    assertThat(once.hasVoids()).isTrue();
    Bars twice = done(gentle, once).bars();
    assertThat(twice.hasVoids()).isFalse();
    assertThat(twice.heightMm()).isCloseTo(19.2, within(1e-9));
    assertThat(twice.widthMm()).isCloseTo(30 * Math.sqrt(21 / 19.2), within(1e-9));
    assertThat(twice.amount().volumeMm3()).isCloseTo(cable.amount().volumeMm3(), within(1e-6));
  }

  @Test
  void manyLayersOnEdgeAreGroundFromTheSidesInOrder() {
    Bars upset = done(new Upset(0, 0, 1), square(100)).bars();
    Amount before = upset.amount();
    Bars left = upset.without(app.geminal.bar.Side.LEFT, 4);
    assertThat(before.minus(left.amount()).mm3BySteel().get("D"))
        .isCloseTo(2 * 20 * 100 + 0.0, within(1e-6));
  }
}
