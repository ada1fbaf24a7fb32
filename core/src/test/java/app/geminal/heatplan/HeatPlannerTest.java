package app.geminal.heatplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.geminal.TestSteels;
import app.geminal.billet.Run;
import app.geminal.finding.ShopKnowledge;
import app.geminal.notation.Shorthand;
import app.geminal.shop.Shop;
import app.geminal.shop.ShopPreset;
import app.geminal.units.UnitSystem;
import app.geminal.weld.AtmosphereProtection;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a weld and a draw want of the fire. */
public class HeatPlannerTest {
  private static final String LINE =
      "13 (D 3.2, B 1.6) 38 x 150 > set 3 1180C %s > draw 38 x 10, 4 heats > cut 5 > restack same > set 3 1180C %s";

  public static HeatPlan plan(String line, String key, Shop shop) {
    Run run =
        Run.of(
            Shorthand.parse(line, UnitSystem.METRIC, shop.defaults()),
            TestSteels.ALL,
            shop.defaults());
    return new HeatPlanner(
            TestSteels.ALL,
            shop,
            ShopKnowledge.nothing(),
            Map.of(AtmosphereProtection.DRY, new ProtectionCost.MethodRecord(7, 6)))
        .compared(run, key)
        .orElseThrow();
  }

  public static HeatPlan weld(AtmosphereProtection protection) {
    return plan(LINE.formatted(protection.word(), protection.word()), "s1", Shop.common());
  }

  private static List<ForgeAction> acts(HeatPlan plan) {
    return plan.steps().stream().flatMap(s -> s.act().stream()).toList();
  }

  @Test
  void theWindowIsThePairsAndTheLimitsOwn() {
    HeatWindow window = weld(AtmosphereProtection.DRY).window();
    assertThat(window.floorC()).isEqualTo(1110);
    assertThat(window.aimC()).isEqualTo(1180);
    assertThat(window.ceilingC()).isBetween(1200.0, window.solidusC() - 30);
    assertThat(window.why().marked()).contains("[[C ");
  }

  /** Loose pieces take far longer than the welded bar does again. */
  @Test
  void soakIsFromTheSection() {
    SoakPlan soaking = weld(AtmosphereProtection.DRY).soaking();
    assertThat(soaking.firstMin()).isBetween(8.0, 30.0);
    assertThat(soaking.againMin()).isLessThan(soaking.firstMin() / 2);
    assertThat(soaking.coreWhenSkinC()).isLessThan(1165);
    HeatPlan second = plan(LINE.formatted("dry", "dry"), "s5", Shop.common());
    assertThat(second.title().toString()).isEqualTo("Weld 2");
    assertThat(second.soaking().firstMin()).isNotEqualTo(soaking.firstMin());
  }

  @ParameterizedTest
  @EnumSource
  void eachProtectionIsComplete(AtmosphereProtection protection) {
    HeatPlan plan = weld(protection);
    List<ForgeAction> acts = acts(plan);
    assertThat(acts.stream().filter(a -> a == ForgeAction.SQUEEZE)).hasSize(3);
    assertThat(acts.stream().filter(a -> a == ForgeAction.IN)).hasSize(3);
    assertThat(acts.stream().filter(a -> a == ForgeAction.FLUX))
        .hasSize(
            switch (protection) {
              case BORAX -> 2;
              case BOTH -> 1;
              case DRY, SEALED -> 0;
            });
    assertThat(acts.contains(ForgeAction.FUEL))
        .isEqualTo(
            protection == AtmosphereProtection.DRY || protection == AtmosphereProtection.BOTH);
    assertThat(acts.getLast()).isEqualTo(ForgeAction.LOOK);
    assertThat(plan.cautions()).contains(protection.caution());
    assertThat(plan.steps()).allSatisfy(s -> assertThat(s.how().toString()).isNotBlank());
    assertThat(plan.steps()).allSatisfy(s -> assertThat(s.moment().toString()).isNotBlank());
    assertThat(plan.protections()).hasSize(4);
  }

  @Test
  void whatTheProtectionsCostThisBillet() {
    Map<AtmosphereProtection, ProtectionCost> cost =
        weld(AtmosphereProtection.DRY).protections().stream()
            .collect(java.util.stream.Collectors.toMap(ProtectionCost::protection, c -> c));
    ProtectionCost dry = cost.get(AtmosphereProtection.DRY);
    ProtectionCost borax = cost.get(AtmosphereProtection.BORAX);
    ProtectionCost sealed = cost.get(AtmosphereProtection.SEALED);
    assertThat(borax.fireMin()).isGreaterThanOrEqualTo(dry.fireMin());
    assertThat(dry.skinMm()).isBetween(0.05, 0.5);
    assertThat(dry.decarbDepthMm()).isBetween(0.3, 3.0);
    assertThat(sealed.decarbDepthMm()).isZero();
    assertThat(sealed.skinMm()).isEqualTo(Shop.common().defaults().jacketMm());
    assertThat(sealed.benchMin()).isGreaterThan(dry.benchMin());
    assertThat(dry.made()).isEqualTo(7);
    assertThat(dry.held()).isEqualTo(6);
    assertThat(dry.risks()).anyMatch(r -> r.key().equals("finding.fuel-flare.what"));
    assertThat(borax.lostKg()).isBetween(0.01, 0.5);
  }

  /** The setting press of the common shop takes the whole face; a smaller one takes bites. */
  @Test
  void bitesComeFromTheForce() {
    SqueezePlan whole = weld(AtmosphereProtection.DRY).squeezing();
    assertThat(whole.bites()).isBetween(1, 3);
    assertThat(whole.haveKn()).isCloseTo(218, within(1.0));
    Shop hand = ShopPreset.HAND_HAMMER.shop();
    HeatPlan hammered = plan("5 (D 3, B 2) 30 x 80 > set 4 1180C hammer", "s1", hand);
    assertThat(hammered.squeezing().haveKn()).isZero();
    assertThat(hammered.squeezing().why().toString()).contains("blows");
  }

  @Test
  void aDrawHasAStopForEveryHeat() {
    HeatPlan draw = plan(LINE.formatted("dry", "dry"), "s2", Shop.common());
    assertThat(draw.isWeld()).isFalse();
    assertThat(draw.stops()).hasSize(4);
    assertThat(draw.stops().getLast().heightMm()).isEqualTo(10);
    assertThat(acts(draw).stream().filter(a -> a == ForgeAction.SQUEEZE)).hasSize(4);
    assertThat(draw.layOut()).anyMatch(l -> l.what().key().equals(HeatText.LAY_STOPS.key()));
    assertThat(draw.protections()).isEmpty();
  }

  @Test
  void whatIsLaidOutIsForThisHeat() {
    assertThat(weld(AtmosphereProtection.DRY).layOut())
        .anyMatch(l -> l.what().equals(HeatText.LAY_FUEL.with()) && l.caution().isPresent())
        .noneMatch(l -> l.what().equals(HeatText.LAY_FLUX.with()))
        .anyMatch(l -> l.what().equals(HeatText.LAY_HANDLE.with("corners", false)))
        .anyMatch(l -> l.caution().filter(HeatText.LAY_FORGE_CAUTION.with()::equals).isPresent());
    HeatPlan corners =
        plan("8 (D 3, B 2) 20 x 150 > set 3 > resquare > draw 12 x 12", "s1", Shop.common());
    assertThat(corners.layOut())
        .anyMatch(l -> l.what().equals(HeatText.LAY_HANDLE.with("corners", true)));
  }

  @Test
  void whatIsNoHeatHasNoPlan() {
    Shop shop = Shop.common();
    Run run =
        Run.of(
            Shorthand.parse(LINE.formatted("dry", "dry"), UnitSystem.METRIC, shop.defaults()),
            TestSteels.ALL,
            shop.defaults());
    HeatPlanner planner = new HeatPlanner(TestSteels.ALL, shop, ShopKnowledge.nothing(), Map.of());
    assertThat(planner.plan(run, "s3")).isEmpty();
    assertThat(planner.plan(run, "s99")).isEmpty();
    assertThat(planner.plan(run, "edge/s1")).isEmpty();
    assertThat(planner.compared(run, "s3")).isEmpty();
    assertThat(planner.plan(run, "s1").orElseThrow().protections()).isEmpty();
  }
}
