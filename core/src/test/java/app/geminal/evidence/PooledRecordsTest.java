package app.geminal.evidence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the welds of other shops say of a shop that has few of its own. */
class PooledRecordsTest {
  private static final int WORLDS = 60;
  private static final int OTHERS = 20;
  private static final int WELDS = 40;
  private static final int NEXT = 20;
  private static final double APART = 0.5;

  /** Everything that all shops of a world have in common. */
  private static Map<String, Double> world(long seed) {
    Random random = new Random(seed);
    Map<String, Double> common = new HashMap<>();
    common.put("shop", Math.sqrt(0.81 - APART * APART) * random.nextGaussian());
    for (Factor factor : Factor.values()) {
      if (factor != Factor.SMITH) {
        levels(factor)
            .forEach(l -> common.put(factor + l, factor.spread() * random.nextGaussian()));
      }
    }
    return common;
  }

  /** Those that occur in many welds. */
  private static Stream<String> levels(Factor factor) {
    SimulatedShop any = new SimulatedShop(1, 1);
    return any.welds(500).stream().flatMap(weld -> weld.level(factor).stream()).distinct().sorted();
  }

  private static double error(HoldModel model, SimulatedShop shop) {
    return IntStream.range(0, NEXT)
        .mapToDouble(_ -> {
          WeldObservation next = shop.weld();
          return Math.abs(model.predict(next).mean() - shop.chance(next));
        })
        .average()
        .orElseThrow();
  }

  @Test
  void aNewShopIsHalfAsWrongWithThemAsAlone() {
    double alone = 0;
    double pooled = 0;
    for (int seed = 0; seed < WORLDS; seed++) {
      Map<String, Double> world = world(seed);
      List<List<WeldObservation>> others =
          IntStream.range(0, OTHERS)
              .mapToObj(k -> new SimulatedShop(1000L * k + 7, world, APART).welds(WELDS))
              .toList();
      SimulatedShop shop = new SimulatedShop(seed + 900_000L, world, APART);
      alone += error(HoldModel.of(List.of()), shop) / WORLDS;
      pooled += error(HoldModel.of(List.of(), others), shop) / WORLDS;
    }
    assertThat(pooled / alone).as("from %s to %s", alone, pooled).isLessThanOrEqualTo(0.5);
  }

  /** Own welds count for the shop itself, and the more there are the more. */
  @Test
  void whatIsOwnStaysApart() {
    Map<String, Double> world = world(3);
    List<List<WeldObservation>> others =
        IntStream.range(0, OTHERS)
            .mapToObj(k -> new SimulatedShop(k, world, APART).welds(WELDS))
            .toList();
    Map<String, Double> worse = new HashMap<>(world);
    worse.merge("shop", -2.5, Double::sum);
    SimulatedShop odd = new SimulatedShop(77, worse, 0);
    double without = error(HoldModel.of(List.of(), others), odd);
    double withForty = error(HoldModel.of(odd.welds(40), others), odd);
    double withMany = error(HoldModel.of(odd.welds(400), others), odd);
    assertThat(withForty).isLessThan(0.7 * without);
    assertThat(withMany).isLessThan(withForty);
    assertThat(HoldModel.of(odd.welds(40), others).predict(odd.weld()).welds()).isEqualTo(40);
  }

  @Test
  void withoutOthersNothingIsOtherwise() {
    List<WeldObservation> own = new SimulatedShop(5, 1).welds(60);
    WeldObservation next = new SimulatedShop(6, 1).weld();
    assertThat(HoldModel.of(own, List.of()).predict(next))
        .isEqualTo(HoldModel.of(own).predict(next));
  }
}
