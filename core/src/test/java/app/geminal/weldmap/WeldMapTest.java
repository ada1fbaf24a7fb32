package app.geminal.weldmap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.finding.ShopKnowledge;
import app.geminal.heatplan.HeatPlanner;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import app.geminal.units.UnitSystem;
import app.geminal.units.Units;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Weld maps of plans, and what would help. */
class WeldMapTest {
  private static final Shop SHOP = Shop.common();
  private static final String STACK = "13 (D 3.2, B 1.6) 38 x 150";

  /** Few thick pieces, sealed and hot. */
  private static final String SURE = "5 (D 10, B 8) 38 x 150 > set 3 1200C sealed 40min";

  private static Run run(String line, Shop shop) {
    return Run.of(
        Shorthand.parse(line, UnitSystem.METRIC, shop.defaults()), TestSteels.ALL, shop.defaults());
  }

  private static HeatPlanner heats(Shop shop) {
    return new HeatPlanner(TestSteels.ALL, shop, ShopKnowledge.nothing(), Map.of());
  }

  private static WeldMapper mapper(Shop shop) {
    return new WeldMapper(TestSteels.ALL, shop, heats(shop));
  }

  /** Maps that several tests look at are calculated once. */
  private static final Map<String, WeldMap> MAPS = new ConcurrentHashMap<>();

  private static WeldMap map(String line, String key) {
    return MAPS.computeIfAbsent(line + " at " + key, _ -> calculated(line, key));
  }

  private static WeldMap calculated(String line, String key) {
    return mapper(SHOP).map(run(line, SHOP), key).orElseThrow();
  }

  private static List<WeldRemedy> remedies(String line, String key) {
    return new WeldRemedies(TestSteels.ALL, SHOP, heats(SHOP), mapper(SHOP))
        .of(run(line, SHOP), key);
  }

  /** Dies that take more heat than is usual chill the joints next to them. */
  @Test
  void whatTheShopHasCalibrationIsInItsMaps() {
    String line = STACK + " > set 3 1180C borax";
    WeldMapper cold =
        new WeldMapper(
            TestSteels.ALL,
            SHOP,
            heats(SHOP),
            _ ->
                Sample.ensemble().stream()
                    .map(s -> s.with(Unknown.DIE_CONTACT, Unknown.DIE_CONTACT.range().high()))
                    .toList());
    assertThat(cold.map(run(line, SHOP), "s1").orElseThrow().chance())
        .isLessThan(map(line, "s1").chance());
  }

  @Test
  void theOuterJointsAreTheWeakestAndForHeat() {
    WeldMap map = map(STACK + " > set 3 1180C borax", "s1");
    assertThat(map.joints()).hasSize(12);
    assertThat(map.weakest())
        .hasValueSatisfying(
            j -> assertThat(j).isIn(map.joints().getFirst(), map.joints().getLast()));
    assertThat(map.joints().getFirst().weakest().cause()).contains(BondCause.HEAT);
    assertThat(map.joints().get(6).chance()).isGreaterThan(map.joints().getFirst().chance());
    assertThat(map.chance()).isBetween(0.8, 0.98);
    assertThat(map).isEqualTo(calculated(STACK + " > set 3 1180C borax", "s1"));
  }

  /** No weld is surer than its weakest joint, and a joint alone keeps its speck of grit. */
  @Test
  void chancesBelongTogether() {
    WeldMap map = map(STACK + " > set 3 1180C dry", "s1");
    assertThat(map.chance()).isLessThan(map.weakest().orElseThrow().chance());
    assertThat(map.joints())
        .allSatisfy(j -> {
          assertThat(j.chance()).isLessThanOrEqualTo(WeldMap.CLEAN_JOINT);
          assertThat(j.patches()).hasSize(32);
        });
  }

  @Test
  void aLaterWeldOfFewThickBarsIsSurer() {
    String line =
        STACK + " > set 3 1180C borax > draw 38 x 10, 4 heats > cut 5 > restack same > set 3";
    assertThat(map(line, "s5").joints()).hasSize(4);
    assertThat(map(line, "s5").chance()).isGreaterThan(map(line, "s1").chance());
  }

  @Test
  void aSecondWeldOfTheSameJointsGoesOnFromTheFirst() {
    String once = STACK + " > set 1 2% 1180C borax";
    assertThat(map(once, "s1").chance()).isLessThan(0.2);
    assertThat(map(once + " > set 2 4% 1180C borax", "s2").chance()).isGreaterThan(0.8);
  }

  @Test
  void thereIsNoMapWhereJointsDoNotRunLevel() {
    Run rolled = run(STACK + " > set 3 > draw 40 x 6 > roll > set 3", SHOP);
    assertThat(rolled.stop()).isEmpty();
    assertThat(WeldMapper.welds(rolled)).containsExactly("s1", "s4");
    assertThat(mapper(SHOP).map(rolled, "s4")).isEmpty();
    assertThat(mapper(SHOP).map(rolled, "s2")).isEmpty();
    assertThat(mapper(SHOP).map(run(STACK + " > off set 3", SHOP), "s1")).isEmpty();
  }

  @ParameterizedTest
  @EnumSource
  void everyShopHasMaps(ShopPreset preset) {
    Shop shop = preset.shop();
    assertThat(mapper(shop).map(run("5 (D 6, B 3) 30 x 100 > set 3", shop), "s1"))
        .hasValueSatisfying(m -> assertThat(m.chance()).isBetween(0.0, 1.0));
  }

  @Test
  void tooShortASoakIsAnsweredByALongerOne() {
    String line = STACK + " > set 3 1180C borax 6min";
    double now = map(line, "s1").chance();
    List<WeldRemedy> remedies = remedies(line, "s1");
    assertThat(remedies.getFirst().words().read(Units.METRIC)).startsWith("Soak ");
    assertThat(remedies).hasSizeLessThanOrEqualTo(4);
    for (WeldRemedy remedy : remedies) {
      assertThat(remedy.chance()).isGreaterThanOrEqualTo(now + WeldRemedies.LEAST_GAIN);
      Run changed = Run.of(remedy.plan(), TestSteels.ALL, SHOP.defaults());
      assertThat(mapper(SHOP).map(changed, "s1").orElseThrow().chance())
          .isCloseTo(remedy.chance(), within(1e-12));
    }
  }

  @Test
  void lateBitesAreColdAndFewerOfThemHelp() {
    String line = "13 (D 3.2, B 1.6) 38 x 200 > set 3 1180C borax 14 bites";
    Run run = run(line, SHOP);
    WeldSetup setup = mapper(SHOP).course(run, "s1").orElseThrow().getLast();
    assertThat(WeldMapWords.of(map(line, "s1"), setup).read(Units.METRIC))
        .containsPattern("bite 1\\d of 14, about [23]\\d s after it leaves the fire");
    WeldRemedy first = remedies(line, "s1").getFirst();
    assertThat(first.words().read(Units.METRIC)).startsWith("Take no more bites");
    assertThat(first.weld().orElseThrow().bites()).isZero();
    assertThat(first.chance()).isGreaterThan(map(line, "s1").chance() + 0.3);
  }

  @Test
  void thickPiecesOutsideKeepTheOuterJointsHot() {
    String line = "15 (D 1.6, B 1.2) 38 x 140 > set 4 1165C borax";
    WeldRemedy outside =
        remedies(line, "s1").stream().filter(r -> r.stack().isPresent()).findFirst().orElseThrow();
    assertThat(outside.words().read(Units.METRIC)).startsWith("Lay pieces of 3.2 mm outside");
    assertThat(outside.plan().stack().pieces().getFirst().thicknessMm()).isEqualTo(3.2);
    assertThat(outside.plan().stack().pieces().get(1).thicknessMm()).isEqualTo(1.2);
    assertThat(outside.chance())
        .isGreaterThan(map(line, "s1").chance())
        .isCloseTo(
            mapper(SHOP)
                .map(Run.of(outside.plan(), TestSteels.ALL, SHOP.defaults()), "s1")
                .orElseThrow()
                .chance(),
            within(1e-12));
  }

  @Test
  void whatIsSureNeedsNoRemedy() {
    String line = SURE;
    assertThat(map(line, "s1").chance()).isGreaterThan(0.97);
    assertThat(remedies(line, "s1")).isEmpty();
  }

  @Test
  void theWeakestPlaceIsSaid() {
    Run run = run(STACK + " > set 3 1180C borax 6min", SHOP);
    WeldSetup setup = mapper(SHOP).course(run, "s1").orElseThrow().getLast();
    String words =
        WeldMapWords.of(map(STACK + " > set 3 1180C borax 6min", "s1"), setup).read(Units.US);
    assertThat(words).contains("of 12 from below", "Heat runs short", "°F over welding heat");
    assertThat(WeldMapWords.of(map(SURE, "s1"), setup).read(Units.US))
        .isEqualTo("All 4 joints are likely to bond everywhere.");
  }
}
