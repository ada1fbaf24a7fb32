package app.geminal.flaw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Part;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.layup.Laid;
import app.geminal.layup.PartBar;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.layup.Turn;
import app.geminal.operation.Cut;
import app.geminal.operation.Draw;
import app.geminal.operation.Fold;
import app.geminal.operation.Grind;
import app.geminal.operation.LayUp;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.operation.SetWeld;
import app.geminal.operation.Trim;
import app.geminal.operation.Twist;
import app.geminal.shop.ShopDefaults;
import app.geminal.shop.Tool;
import java.util.List;
import org.junit.jupiter.api.Test;

class FlawTrackerTest {
  private static final ShopDefaults PRACTICE = ShopDefaults.common();
  private static final Stack STACK =
      new Stack(List.of(new Piece("D", 10), new Piece("B", 10), new Piece("D", 10)), 40, 500);

  private static Run run(Operation... steps) {
    return Run.of(Plan.of(STACK, List.of(steps)), TestSteels.ALL, PRACTICE);
  }

  private static List<FlawTracker.At> from(Run run, int stage, Spot spot) {
    return FlawTracker.of(run, "", stage, spot);
  }

  @Test
  void aFlawThreeHundredInIsInTheThirdPiece() {
    Run run = run(new Trim(0, 0, 0), Cut.equal(5, 0), Restack.of(Restack.ALL_SAME));
    List<FlawTracker.At> at = from(run, 1, new Spot(0, 250, 250, 0, 5, 10, 10));
    assertThat(at.get(1).spot()).isEqualTo(new Spot(2, 50, 50, 0, 5, 10, 10));
    assertThat(at.get(2).spot())
        .as("third from below in the block")
        .isEqualTo(new Spot(0, 50, 50, 0, 5, 70, 70));
  }

  @Test
  void aFlawUnderTheSawIsInBothPieces() {
    Run run = run(new Trim(0, 0, 0), Cut.equal(2, 2));
    assertThat(from(run, 1, new Spot(0, 240, 260, 0, 5, 10, 10)))
        .filteredOn(at -> at.stage() == 2)
        .extracting(at -> at.spot().bar())
        .containsExactly(0, 1);
    assertThat(from(run, 1, new Spot(0, 249.5, 250.5, 0, 5, 10, 10)))
        .as("all of it is dust")
        .hasSize(1);
  }

  @Test
  void whatIsTrimmedOrGroundAwayIsGone() {
    Run run = run(new Trim(20, 0, 3), new Grind(1, 1));
    assertThat(from(run, 0, new Spot(0, 0, 15, 0, 40, 10, 10))).hasSize(1);
    assertThat(from(run, 0, new Spot(0, 100, 120, 0, 2, 10, 10))).hasSize(1);
    Spot left = from(run, 0, new Spot(0, 10, 35, 0, 5, 10, 10)).getLast().spot();
    assertThat(left).isEqualTo(new Spot(0, 0, 15, 0, 2, 9, 9));
    assertThat(from(run, 1, new Spot(0, 10, 20, 5, 10, 0, 0.5))).hasSize(1);
  }

  @Test
  void afterATwistItIsSomewhereInItsLength() {
    Run run =
        run(
            SetWeld.of(PRACTICE),
            new Draw(25, 25, 3, Tool.FLAT),
            new Twist(4, 1, Twist.Hand.RIGHT, true, 2));
    Spot drawn = new Spot(0, 100, 120, 0, 1, 12, 12);
    Spot twisted = from(run, 2, drawn).getLast().spot();
    assertThat(twisted.fromYMm()).isZero();
    assertThat(twisted.toYMm()).isCloseTo(run.last().bars().widthMm(), within(1e-6));
    assertThat(twisted.toXMm() - twisted.fromXMm()).isCloseTo(20, within(0.5));
  }

  @Test
  void aFoldBringsTheFarHalfOnTopUpsideDown() {
    Run run = run(new Fold(20, 1));
    assertThat(from(run, 0, new Spot(0, 490, 500, 0, 5, 10, 10)).getLast().spot())
        .isEqualTo(new Spot(0, 0, 10, 0, 5, 50, 50));
  }

  @Test
  void aPartTakesItsFlawsWithItIntoTheBillet() {
    Plan edge = Plan.of(STACK, List.of(SetWeld.of(PRACTICE), Cut.equal(2, 2)));
    List<Laid> right = List.of(new PartBar("edge", Turn.OVER, List.of()));
    Plan plan =
        Plan.of(
                STACK,
                List.of(
                    SetWeld.of(PRACTICE),
                    new LayUp(List.of(Turn.SAME), List.of(), right, List.of(), 0)))
            .withParts(List.of(Part.of("edge", edge)));
    Run run = Run.of(plan, TestSteels.ALL, PRACTICE);
    assertThat(run.stop()).isEmpty();
    Run part = run.parts().get("edge");
    double width = part.last().bars().widthMm();
    double high = part.last().bars().section().heightMm();
    double far = run.stages().get(1).bars().widthMm();
    List<FlawTracker.At> first = FlawTracker.of(run, "edge", 2, new Spot(0, 10, 20, 1, 2, 3, 3));
    assertThat(first.getFirst().part()).isEqualTo("edge");
    FlawTracker.At laid = first.getLast();
    assertThat(laid.part()).isEmpty();
    assertThat(laid.stage()).isEqualTo(2);
    assertThat(laid.spot().fromYMm()).isCloseTo(far + width - 2, within(1e-6));
    assertThat(laid.spot().fromZMm()).isCloseTo(high - 3, within(1e-6));
    assertThat(FlawTracker.of(run, "edge", 2, new Spot(1, 10, 20, 1, 2, 3, 3)))
        .as("the second bar of the part is not used")
        .hasSize(1);
  }

  @Test
  void seamsAreCountedFromTheUndersideAndGoWithTheWork() {
    Run run =
        run(
            SetWeld.of(PRACTICE),
            Cut.equal(3, 1),
            Restack.of(Restack.EVERY_SECOND),
            SetWeld.of(PRACTICE),
            new Draw(40, 30, 4, Tool.FLAT),
            new Fold(10, 2));
    assertThat(LatestJoints.of(run, 0)).containsExactly(10.0, 20.0);
    List<Double> set = LatestJoints.of(run, 1);
    double high = run.stages().get(1).bars().heightMm();
    assertThat(set).hasSize(2);
    assertThat(set.getFirst() + set.getLast())
        .as("even about the middle")
        .isCloseTo(high, within(1e-6));
    double each = run.stages().get(2).bars().heightMm();
    assertThat(LatestJoints.of(run, 3).getFirst()).isCloseTo(each, within(1e-9));
    assertThat(LatestJoints.of(run, 5)).hasSize(2);
    assertThat(LatestJoints.of(run, 6)).hasSize(3);
  }
}
