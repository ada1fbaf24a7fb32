package app.geminal.pooling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.geminal.evidence.HoldModel;
import app.geminal.evidence.SimulatedShop;
import app.geminal.evidence.WeldObservation;
import app.geminal.validation.InvalidValue;
import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SharedWeldsTest {
  private static final String CODE = "2f0c91aa";
  private final List<WeldObservation> book = new SimulatedShop(3, 1).welds(60);

  private static List<WeldObservation> shared(List<WeldObservation> book) {
    return SharedWelds.of(book, steel -> !steel.equals("L6")).welds();
  }

  @Test
  void noSmithLeavesAndNoSteelThatOnlyTheShopKnows() {
    List<WeldObservation> left = shared(book);
    assertThat(book).anyMatch(w -> w.steels().contains("L6"));
    assertThat(left).hasSize(60).allMatch(w -> w.smith().isEmpty());
    assertThat(left).noneMatch(w -> w.steels().contains("L6") || w.steels().equals(Set.of("1084")));
    assertThat(left).anyMatch(w -> w.steels().equals(Set.of("1095", "15N20")));
    assertThat(SharedWelds.of(book, steel -> !steel.equals("L6")).unnamed())
        .isEqualTo((int) left.stream().filter(w -> w.steels().isEmpty()).count())
        .isPositive();
  }

  @Test
  void whatIsNotDecidedStays() {
    List<WeldObservation> half = new ArrayList<>(book);
    half.replaceAll(
        w -> w.protection().ordinal() < 2 ? SimulatedShop.with(w, WeldOutcome.SUSPECT) : w);
    SharedWelds.Leaving leaving = SharedWelds.of(half, _ -> true);
    assertThat(leaving.welds())
        .hasSize((int) book.stream().filter(w -> w.protection().ordinal() >= 2).count());
    assertThat(leaving.welds().size() + leaving.suspect()).isEqualTo(60);
  }

  @Test
  void theOrderSaysNothing() {
    List<WeldObservation> shuffled = new ArrayList<>(book);
    Collections.shuffle(shuffled, new Random(1));
    assertThat(shared(shuffled)).isEqualTo(shared(book));
  }

  /** So that what leaves is worth as much to others as it is to the shop. */
  @Test
  void whatLeavesTeachesTheSame() {
    WeldObservation next = new SimulatedShop(4, 1).welds(1).getFirst();
    List<WeldObservation> left = SharedWelds.of(book, _ -> true).welds();
    assertThat(HoldModel.of(List.of(), List.of(left)).predict(next).mean())
        .isCloseTo(
            HoldModel.of(List.of(), List.of(book)).predict(next).mean(),
            org.assertj.core.data.Offset.offset(1e-9));
  }

  @Test
  void whatCannotBeMeantIsRefusedWithItsPlace() {
    List<WeldObservation> good = shared(book);
    assertThat(new SharedWelds(CODE, good).welds()).isEqualTo(good);
    assertThatThrownBy(() -> new SharedWelds("Upriver!", good))
        .isInstanceOfSatisfying(
            InvalidValue.class, bad -> assertThat(bad.path()).isEqualTo("shop"));
    assertThatThrownBy(() -> new SharedWelds(CODE, List.of())).isInstanceOf(InvalidValue.class);
    refused(withSecond(good, SimulatedShop.with(good.get(1), WeldOutcome.SUSPECT)), "outcome");
    refused(withSecond(good, book.get(1)), "smith");
    WeldObservation w = good.get(1);
    refused(
        withSecond(
            good,
            new WeldObservation(
                w.steels(), w.protection(), 2200, w.how(), "", w.outcome(), w.joints())),
        "temperatureC");
  }

  private static List<WeldObservation> withSecond(
      List<WeldObservation> welds, WeldObservation second) {
    List<WeldObservation> other = new ArrayList<>(welds);
    other.set(1, second);
    return other;
  }

  private static void refused(List<WeldObservation> welds, String field) {
    assertThatThrownBy(() -> new SharedWelds(CODE, welds))
        .isInstanceOfSatisfying(
            InvalidValue.class, bad -> assertThat(bad.path()).isEqualTo("welds/1/" + field));
  }
}
