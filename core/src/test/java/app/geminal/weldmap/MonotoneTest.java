package app.geminal.weldmap;

import static org.assertj.core.api.Assertions.assertThat;

import app.geminal.heat.Atmosphere;
import app.geminal.heat.BarHeat;
import app.geminal.shop.FacePrep;
import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.Jacket;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/**
 * What is better never lowers a patch's chance, over a thousand random welds.
 *
 * <p>Hotter and longer are only better where no air gets in: an open joint oxidises faster and
 * longer, so there it is the heat margin that must not fall.
 */
class MonotoneTest {
  private static final int WELDS = 1000;
  private static final PatchGrid COARSE = new PatchGrid(4, 4, 12);
  private static final List<Sample> FEW = Sample.ensemble(Map.of(), 2, 3);

  private static WeldSetup random(Random random, AtmosphereProtection protection) {
    int pieces = random.nextInt(3, 12);
    double high = random.nextDouble(15, 90);
    double length = random.nextDouble(60, 220);
    int bites = random.nextInt(1, 5);
    List<Double> joints = new ArrayList<>();
    List<Double> minutes = new ArrayList<>(List.of(random.nextDouble(4, 20)));
    for (int i = 1; i < pieces; i++) {
      joints.add((double) i / pieces);
    }
    if (random.nextBoolean()) {
      minutes.add(random.nextDouble(2, 10));
    }
    return new WeldSetup(
        new BarHeat.Of(random.nextDouble(20, 80), high, length, high / pieces, 1000),
        joints,
        random.nextDouble(1050, 1130),
        new WeldSetup.Fire(random.nextDouble(1120, 1250), 6, Atmosphere.NEUTRAL, minutes),
        new WeldSetup.Squeeze(
            random.nextDouble(0.015, 0.14),
            Bite.fromTheMiddle(bites, length / bites * random.nextDouble(0.7, 1.2), length),
            random.nextDouble(0.02, 0.5),
            Double.POSITIVE_INFINITY,
            HotStrength.of(celsius -> 50),
            0.03,
            0.1),
        new WeldSetup.Faces(
            protection,
            Jacket.BEAD,
            FacePrep.GROUND,
            random.nextDouble(0.01, 0.1),
            random.nextDouble(0.02, 20)));
  }

  private static List<WeldMap.Patch> patches(WeldSetup setup) {
    return WeldMap.of(List.of(setup), FEW, COARSE).joints().stream()
        .flatMap(j -> j.patches().stream())
        .toList();
  }

  private static void noPatchLoses(
      AtmosphereProtection protection, UnaryOperator<WeldSetup> better) {
    Random random = new Random(20);
    int gained = 0;
    for (int i = 0; i < WELDS; i++) {
      WeldSetup setup = random(random, protection);
      List<WeldMap.Patch> before = patches(setup);
      List<WeldMap.Patch> after = patches(better.apply(setup));
      for (int p = 0; p < before.size(); p++) {
        assertThat(after.get(p).chance())
            .as("%s, patch %s", setup, before.get(p))
            .isGreaterThanOrEqualTo(before.get(p).chance());
        gained += after.get(p).chance() > before.get(p).chance() ? 1 : 0;
      }
    }
    assertThat(gained).as("patches that gained").isPositive();
  }

  private static WeldSetup heated(WeldSetup s, double hotterK, double longer) {
    WeldSetup.Fire fire = s.fire();
    return Setups.with(
        s,
        new WeldSetup.Fire(
            fire.chamberC() + hotterK,
            fire.powerKw(),
            fire.flame(),
            fire.minutes().stream().map(m -> m * longer).toList()));
  }

  @Test
  void hotterWhereNoAirGetsIn() {
    noPatchLoses(AtmosphereProtection.SEALED, s -> heated(s, 20, 1));
  }

  @Test
  void longerWhereNoAirGetsIn() {
    noPatchLoses(AtmosphereProtection.SEALED, s -> heated(s, 0, 1.3));
  }

  @Test
  void hotterAndLongerNeverCostHeat() {
    Random random = new Random(21);
    for (int i = 0; i < WELDS / 4; i++) {
      WeldSetup setup = random(random, AtmosphereProtection.DRY);
      List<WeldMap.Patch> before = patches(setup);
      List<WeldMap.Patch> after = patches(heated(setup, 15, 1.2));
      for (int p = 0; p < before.size(); p++) {
        assertThat(after.get(p).heatC()).isGreaterThan(before.get(p).heatC());
      }
    }
  }

  @Test
  void richerFlame() {
    noPatchLoses(
        AtmosphereProtection.DRY,
        s ->
            Setups.with(
                s,
                new WeldSetup.Fire(
                    s.fire().chamberC(), s.fire().powerKw(), Atmosphere.RICH, s.fire().minutes())));
  }

  @Test
  void cleanerFaces() {
    noPatchLoses(
        AtmosphereProtection.DRY,
        s ->
            Setups.with(
                s,
                new WeldSetup.Faces(
                    s.faces().protection(),
                    s.faces().jacket(),
                    s.faces().prep(),
                    s.faces().gapMm() * 0.6,
                    s.faces().startOxideUm() * 0.5)));
  }

  @Test
  void widerDies() {
    noPatchLoses(
        AtmosphereProtection.BORAX,
        s ->
            Setups.with(
                s,
                new WeldSetup.Squeeze(
                    s.squeeze().reduction(),
                    s.squeeze().bites().stream()
                        .map(b -> new Bite(b.fromMm() - 10, b.toMm() + 10))
                        .toList(),
                    s.squeeze().strokeS(),
                    s.squeeze().haveKn(),
                    s.squeeze().strength(),
                    s.squeeze().leastReduction(),
                    s.squeeze().splitReduction())));
  }
}
