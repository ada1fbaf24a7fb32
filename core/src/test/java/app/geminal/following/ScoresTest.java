package app.geminal.following;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import app.geminal.weldmap.Weights;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.ojalgo.matrix.store.MatrixStore;
import org.ojalgo.matrix.store.R064Store;

/** How the members of an ensemble spread over what is unknown. */
class ScoresTest {
  private static final List<Unknown> TWO = List.of(Unknown.EMISSIVITY, Unknown.CHAMBER_OFFSET);
  private static final List<Sample> USUAL = Sample.ensemble();
  private static final Weights ALIKE = Weights.even(Sample.MEMBERS);
  private static final MatrixStore<Double> MIDDLE = column(0.5, -1);
  private static final MatrixStore<Double> RIDGE = square(0.4, -0.2, 0.3);

  private static MatrixStore<Double> column(double first, double second) {
    R064Store column = R064Store.FACTORY.make(2, 1);
    column.set(0, 0, first);
    column.set(1, 0, second);
    return column;
  }

  private static MatrixStore<Double> square(double first, double together, double second) {
    R064Store square = R064Store.FACTORY.make(2, 2);
    square.set(0, 0, first);
    square.set(0, 1, together);
    square.set(1, 0, together);
    square.set(1, 1, second);
    return square;
  }

  private static void same(MatrixStore<Double> is, MatrixStore<Double> meant) {
    for (int i = 0; i < meant.countRows(); i++) {
      for (int j = 0; j < meant.countColumns(); j++) {
        assertThat(is.doubleValue(i, j)).isCloseTo(meant.doubleValue(i, j), within(1e-5));
      }
    }
  }

  /** All the weight on the first so many. */
  private static Weights first(int members) {
    double[] likelihoods = new double[Sample.MEMBERS];
    Arrays.fill(likelihoods, 0, members, 1);
    return ALIKE.times(likelihoods);
  }

  @Test
  void matchedMembersHaveJustTheMiddleAndTheSpread() {
    List<Sample> matched = Scores.of(USUAL, TWO).matched(MIDDLE, RIDGE).in(USUAL);
    Scores again = Scores.of(matched, TWO);
    same(again.middle(ALIKE), MIDDLE);
    same(again.spread(ALIKE), RIDGE);
    for (int m = 0; m < Sample.MEMBERS; m++) {
      assertThat(matched.get(m).get(Unknown.FRICTION))
          .isEqualTo(USUAL.get(m).get(Unknown.FRICTION));
    }
  }

  /** Draw from twenty, scatter, match: nothing is gained or lost by drawing. */
  @Test
  void membersDrawnAgainDifferAndSpreadAsBefore() {
    Weights twenty = first(20);
    List<Sample> drawn = new ArrayList<>();
    for (int i : twenty.drawn(Sample.MEMBERS, 0.5)) {
      drawn.add(USUAL.get(i));
    }
    Scores before = Scores.of(USUAL, TWO);
    MatrixStore<Double> spread = before.believedSpread(twenty);
    List<Sample> fresh =
        Scores.of(drawn, TWO)
            .scattered(0.95, spread, new SplittableRandom(4))
            .matched(before.middle(twenty), spread)
            .in(drawn);
    same(Scores.of(fresh, TWO).middle(ALIKE), before.middle(twenty));
    same(Scores.of(fresh, TWO).spread(ALIKE), spread);
    assertThat(fresh.stream().map(s -> s.get(Unknown.EMISSIVITY)).distinct())
        .hasSize(Sample.MEMBERS);
  }

  /** A mean of twenty is by chance nearer to them than to the truth. */
  @Test
  void fewMembersSpreadAsWideAsWhatTheyAreDrawnFrom() {
    Unknown one = Unknown.EMISSIVITY;
    double sum = 0;
    int tries = 200;
    for (int t = 0; t < tries; t++) {
      List<Sample> chance = Sample.ensemble(Map.of(), Sample.MEMBERS, t);
      sum += Scores.of(chance, List.of(one)).spread(first(5)).doubleValue(0, 0);
    }
    assertThat(sum / tries).isCloseTo(1, within(0.15));
  }

  @Test
  void twoMembersSayNothingOfHowTwoUnknownsVaryTogether() {
    Scores scores = Scores.of(USUAL, TWO);
    assertThat(scores.spread(first(2)).doubleValue(0, 1)).isNotZero();
    assertThat(scores.believedSpread(first(2)).doubleValue(0, 1)).isCloseTo(0, within(1e-12));
    assertThat(scores.believedSpread(first(20)).doubleValue(0, 1))
        .isCloseTo(0.99 * scores.spread(first(20)).doubleValue(0, 1), within(1e-12));
  }

  /** Whatever even rule weighs them: what does not depend on an unknown says nothing of it. */
  @Test
  void pairsCancelWhatNothingShows() {
    Scores paired = Scores.of(USUAL, TWO).inPairs().matched(MIDDLE, RIDGE);
    List<Sample> samples = paired.in(USUAL);
    double[] likelihoods =
        Weights.figures(
            samples,
            s -> {
              double off = Unknown.CHAMBER_OFFSET.range().score(s.get(Unknown.CHAMBER_OFFSET)) + 1;
              return Math.exp(-8 * off * off);
            });
    double moved = paired.middle(ALIKE.times(likelihoods)).doubleValue(0, 0);
    assertThat(moved).isCloseTo(0.5, within(1e-4));
  }
}
