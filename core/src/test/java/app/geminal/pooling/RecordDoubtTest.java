package app.geminal.pooling;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.evidence.SimulatedShop;
import app.geminal.evidence.WeldObservation;
import app.geminal.pooling.RecordDoubt.Kind;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class RecordDoubtTest {
  private static final int SHOPS = 200;

  private static List<WeldObservation> welds(long seed, int n) {
    return SharedWelds.of(new SimulatedShop(seed, 1).welds(n), _ -> true).welds();
  }

  private static List<Kind> doubts(
      List<WeldObservation> given, List<WeldObservation> own, List<List<WeldObservation>> others) {
    return RecordDoubt.of(new SharedWelds("2f0c91aa", given), own, others).stream()
        .map(RecordDoubt::kind)
        .toList();
  }

  private static List<Kind> doubts(List<WeldObservation> given) {
    return doubts(given, List.of(), List.of());
  }

  @Test
  void anHonestShopIsHardlyEverDoubted() {
    long doubted =
        IntStream.range(0, SHOPS).filter(seed -> !doubts(welds(seed, 40)).isEmpty()).count();
    assertThat(doubted).isLessThanOrEqualTo(SHOPS / 25);
  }

  @Test
  void aHandfulIsTooFew() {
    assertThat(doubts(welds(1, 11))).containsExactly(Kind.TOO_FEW);
    assertThat(doubts(welds(1, 12))).isEmpty();
  }

  @Test
  void copiesAreSeenAndWeldsTypedByHandAreNotCopies() {
    List<WeldObservation> twice = new ArrayList<>(welds(1, 30));
    twice.addAll(twice.subList(0, 20));
    assertThat(doubts(twice)).containsExactly(Kind.REPEATED);
    List<WeldObservation> typed =
        welds(1, 40).stream()
            .map(w ->
                new WeldObservation(
                    w.steels(),
                    w.protection(),
                    1200,
                    WeldConditions.UNKNOWN.of(4, true),
                    "",
                    w.outcome(),
                    List.of()))
            .toList();
    assertThat(doubts(typed)).isEmpty();
  }

  @Test
  void whatIsInTheBookOrInAnotherRecordIsSeen() {
    List<WeldObservation> given = welds(1, 30);
    List<WeldObservation> part = given.subList(0, 10);
    assertThat(doubts(given, part, List.of())).containsExactly(Kind.KNOWN);
    assertThat(doubts(given, welds(2, 30), List.of(welds(3, 30), part)))
        .containsExactly(Kind.KNOWN);
    assertThat(doubts(given, welds(2, 30), List.of(welds(3, 30)))).isEmpty();
  }

  @Test
  void aRecordUnlikeAnyShopIsSeen() {
    List<WeldObservation> given = welds(1, 40);
    assertThat(doubts(all(given, WeldOutcome.OPEN))).containsExactly(Kind.UNLIKE);
    assertThat(doubts(all(given, WeldOutcome.HELD))).as("40 without a failure occur").isEmpty();
    assertThat(doubts(all(welds(1, 3000), WeldOutcome.HELD)))
        .as("3,000 without one do not")
        .contains(Kind.UNLIKE);
  }

  private static List<WeldObservation> all(List<WeldObservation> welds, WeldOutcome outcome) {
    return welds.stream().map(w -> SimulatedShop.with(w, outcome)).toList();
  }
}
