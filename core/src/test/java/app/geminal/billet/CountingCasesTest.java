package app.geminal.billet;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.Cut;
import app.geminal.operation.Fold;
import app.geminal.operation.Operation;
import app.geminal.operation.Restack;
import app.geminal.shop.ShopDefaults;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every row of the counting table, worked through as a plan. */
class CountingCasesTest {
  private static final Restack SAME = Restack.of(Restack.ALL_SAME);
  private static final Restack TURNED = Restack.of(Restack.EVERY_SECOND);

  static Stream<Arguments> rows() {
    return Stream.of(
        row("13 D…D, cut 5, same", alternating(13), 65, 61, cut(5), SAME),
        row("12 D…B, cut 5, same", alternating(12), 60, 60, cut(5), SAME),
        row("12 D…B, cut 5, turned", alternating(12), 60, 56, cut(5), TURNED),
        row("13 D…D, one B between each", alternating(13), 69, 69, cut(5), with("B")),
        row("12 D…B, one B between each", alternating(12), 64, 60, cut(5), with("B")),
        row("7 D…D folded 3 times", alternating(7), 56, 49, fold(), fold(), fold()),
        row("8 D…B folded 3 times", alternating(8), 64, 57, fold(), fold(), fold()),
        row("D D D B D B B D D D", "DDDBDBBDDD", 10, 5),
        row("9 D…D, cut 6, cut 4", alternating(9), 216, 193, cut(6), SAME, cut(4), SAME),
        row("15 D…D round B D B", alternating(15), 123, 117, cut(4), SAME, cut(2), with("BDB")),
        row("15 D…D round D B D", alternating(15), 123, 115, cut(4), SAME, cut(2), with("DBD")),
        row("10 D…B turned twice", alternating(10), 90, 82, cut(3), TURNED, cut(3), TURNED));
  }

  @ParameterizedTest(name = "{0}: {2} shop, {3} visible")
  @MethodSource("rows")
  void countsAreExact(String name, String stack, long shop, long visible, List<Operation> steps) {
    Plan plan = Plan.of(new Stack(pieces(stack), 40, 2000), steps);
    Run run = Run.of(plan, TestSteels.ALL, ShopDefaults.common());
    assertThat(run.stop()).isEmpty();
    assertThat(run.last().bars().shopCount()).isEqualTo(shop);
    assertThat(run.last().visibleCount()).isEqualTo(visible);
    assertThat(run.last().bars().layers().layers(1000).orElseThrow()).hasSize((int) visible);
  }

  private static Arguments row(
      String name, String stack, long shop, long visible, Operation... steps) {
    return Arguments.of(name, stack, shop, visible, List.of(steps));
  }

  private static String alternating(int pieces) {
    return "DB".repeat(pieces / 2 + 1).substring(0, pieces);
  }

  private static List<Piece> pieces(String letters) {
    List<Piece> pieces = new ArrayList<>();
    letters.chars().forEach(c -> pieces.add(new Piece(Character.toString(c), 2)));
    return pieces;
  }

  private static Cut cut(int pieces) {
    return Cut.equal(pieces, 1.6);
  }

  private static Fold fold() {
    return Fold.once(5);
  }

  private static Restack with(String between) {
    return SAME.withBetween(List.copyOf(pieces(between)));
  }
}
