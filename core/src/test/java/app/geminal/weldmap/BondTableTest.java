package app.geminal.weldmap;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.TestSteels;
import app.geminal.billet.Plan;
import app.geminal.billet.Run;
import app.geminal.billet.Step;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.layup.Piece;
import app.geminal.layup.Stack;
import app.geminal.operation.SetWeld;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The table against full weld maps of the same stacks. */
class BondTableTest {
  private static final int STACKS = 40;
  private static final double WIDTH_MM = 40;

  /** In longer steps than plans are shown with, which moves a chance by a hundredth at most. */
  private static final PatchGrid QUICKER = new PatchGrid(8, 4, 12);

  private static BondTable table(Shop shop) {
    List<Sample> few = BondTable.usual();
    return BondTable.of(TestSteels.ALL, shop, List.of("D", "B"), WIDTH_MM, _ -> few);
  }

  /** What the weld map of a plan says of a stack. */
  private static double mapped(Shop shop, int pieces, double heightMm, double lengthMm) {
    List<Piece> laid =
        IntStream.range(0, pieces)
            .mapToObj(i -> new Piece(i % 2 == 0 ? "D" : "B", heightMm / pieces))
            .toList();
    Plan plan =
        new Plan(
            new Stack(laid, WIDTH_MM, lengthMm),
            List.of(Step.of("w", SetWeld.of(shop.defaults()))),
            List.of(),
            List.of());
    HeatPlanner heats = new HeatPlanner(TestSteels.ALL, shop, ShopKnowledge.nothing(), Map.of());
    List<WeldSetup> course =
        new WeldMapper(TestSteels.ALL, shop, heats)
            .course(Run.of(plan, TestSteels.ALL, shop.defaults()), "w")
            .orElseThrow();
    return WeldMap.of(course, Sample.ensemble(), QUICKER).chance();
  }

  @ParameterizedTest
  @EnumSource
  void ranksWeldsAsTheirMapsDo(ShopPreset preset) {
    Shop shop = preset.shop();
    BondTable table = table(shop);
    Random random = new Random(5);
    List<Double> maps = new ArrayList<>();
    List<Double> read = new ArrayList<>();
    for (int i = 0; i < STACKS; i++) {
      int pieces = 2 + random.nextInt(30);
      double heightMm = 12 * Math.pow(8, random.nextDouble());
      double lengthMm = 70 * Math.pow(7, random.nextDouble());
      maps.add(mapped(shop, pieces, heightMm, lengthMm));
      read.add(table.of(false, heightMm, lengthMm, pieces - 1));
    }
    double error =
        IntStream.range(0, STACKS)
            .mapToDouble(i -> Math.abs(maps.get(i) - read.get(i)))
            .average()
            .orElseThrow();
    double alike = alike(maps, read);
    assertThat(error).isLessThan(0.1);
    assertThat(alike).isGreaterThan(0.95);
  }

  /** Of welds that are a tenth apart by their maps, how many the table has in the same order. */
  private static double alike(List<Double> maps, List<Double> read) {
    int apart = 0;
    int alike = 0;
    for (int i = 0; i < STACKS; i++) {
      for (int j = 0; j < i; j++) {
        double difference = maps.get(i) - maps.get(j);
        if (Math.abs(difference) > 0.1) {
          apart++;
          alike += (read.get(i) - read.get(j)) * difference > 0 ? 1 : 0;
        }
      }
    }
    return (double) alike / apart;
  }

  @Test
  void aLongOrHighOrFineStackIsNoSurer() {
    BondTable table = table(ShopPreset.GAS_AND_PRESS.shop());
    double usual = table.of(false, 40, 200, 12);
    assertThat(table.of(false, 40, 500, 12)).isLessThan(usual);
    assertThat(table.of(false, 110, 400, 12)).isLessThan(0.1);
    assertThat(table.of(false, 40, 200, 30)).isLessThan(usual);
    assertThat(table.of(false, 40, 200, 0)).as("nothing to hold").isEqualTo(1);
  }

  @Test
  void askedAgainItSaysTheSame() {
    BondTable table = table(ShopPreset.GAS_AND_PRESS.shop());
    assertThat(table.of(true, 33, 170, 7)).isEqualTo(table.of(true, 33, 170, 7));
    assertThat(table.of(true, 33, 170, 7))
        .as("made anew")
        .isEqualTo(table(ShopPreset.GAS_AND_PRESS.shop()).of(true, 33, 170, 7));
  }
}
