package app.geminal.evidence;

import app.geminal.weld.AtmosphereProtection;
import app.geminal.weld.HoldChance;
import app.geminal.weld.WeldConditions;
import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** A shop whose habits move its welds by known amounts, from a seed. */
public final class SimulatedShop {
  private static final List<Set<String>> PAIRS =
      List.of(Set.of("1095", "15N20"), Set.of("W2", "15N20"), Set.of("1084", "L6"));

  private final Random random;
  private final double spread;
  private final Map<String, Double> truth = new HashMap<>();

  /**
   * A shop.
   *
   * @param spread how much of the believed spreads the truth has; 1 is as believed
   */
  public SimulatedShop(long seed, double spread) {
    this.random = new Random(seed);
    this.spread = spread;
  }

  /**
   * A shop among others: what levels do is the same in all of them, and so is a part of what its
   * welds have in common.
   *
   * @param common amounts of all shops
   * @param apart what shops have from one another, one standard deviation
   */
  SimulatedShop(long seed, Map<String, Double> common, double apart) {
    this(seed, 1);
    truth.putAll(common);
    truth.put("shop", common.getOrDefault("shop", 0.0) + apart * random.nextGaussian());
  }

  /** A weld as this shop makes them, with what came of it. */
  WeldObservation weld() {
    int joints = 2 + random.nextInt(20);
    WeldConditions how =
        new WeldConditions(
            1050.0,
            1250.0,
            10.0 + random.nextInt(20),
            14.0,
            2.0 + random.nextInt(8),
            7.0,
            3,
            null,
            null,
            joints,
            random.nextInt(3) > 0,
            null);
    WeldObservation weld =
        new WeldObservation(
            PAIRS.get(random.nextInt(3)),
            AtmosphereProtection.values()[random.nextInt(4)],
            1000 + random.nextInt(300),
            how,
            random.nextBoolean() ? "a" : "b",
            WeldOutcome.SUSPECT,
            List.of());
    boolean holds = random.nextDouble() < chance(weld);
    return with(weld, holds ? WeldOutcome.HELD : WeldOutcome.OPEN);
  }

  public static WeldObservation with(WeldObservation p, WeldOutcome outcome) {
    return new WeldObservation(
        p.steels(), p.protection(), p.temperatureC(), p.how(), p.smith(), outcome, p.joints());
  }

  public List<WeldObservation> welds(int n) {
    List<WeldObservation> welds = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      welds.add(weld());
    }
    return welds;
  }

  /** The truth. */
  double chance(WeldObservation weld) {
    double p = HoldChance.prior().ofJoints(weld.how().joints());
    double odds = Math.log(p / (1 - p)) + amount("shop", HoldModel.SHOP_SPREAD);
    for (Factor factor : Factor.values()) {
      String level = weld.level(factor).orElse("");
      if (!level.isEmpty()) {
        odds += amount(factor + level, factor.spread());
      }
    }
    return 1 / (1 + Math.exp(-odds));
  }

  private double amount(String name, double of) {
    return truth.computeIfAbsent(name, _ -> random.nextGaussian() * of * spread);
  }
}
