package app.geminal.evidence;

import app.geminal.weld.HoldChance;
import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The chance that a weld holds: log odds of the belief before any record, which knows only how many
 * joints the weld has ({@link HoldChance}), moved by what this shop's welds have shown.
 *
 * <p>A logistic model. Each level of each {@link Factor} moves the log odds by an amount of its
 * own, believed to be 0 before any record, give or take the factor's spread; one more amount, give
 * or take {@value #SHOP_SPREAD}, is the shop's own for all of its welds. So a level seen twice
 * moves little, one seen a hundred times as far as its welds say, and one never seen adds doubt
 * only.
 *
 * <p>The amounts are where their chance is greatest, and their doubt is the curvature there
 * (Laplace's way; MacKay, Neural Computation 4, 1992, 720, for the mean over the doubt). Factors do
 * not work on each other, and nothing changes with time.
 */
public final class HoldModel {
  /** One standard deviation of the shop's own amount, log odds: 95 of 100 becomes 88 or 98. */
  public static final double SHOP_SPREAD = 0.9;

  private static final String SHOP = "shop";
  private static final double Z = 1.6449;

  private final Map<String, Integer> index = new LinkedHashMap<>();
  private final Fit fit;
  private final int welds;

  private HoldModel(List<Past> decided) {
    List<Double> spreads = new ArrayList<>();
    List<Fit.Seen> seen = new ArrayList<>();
    for (Past past : decided) {
      List<Integer> amounts = new ArrayList<>();
      effects(past)
          .forEach((effect, spread) -> {
            if (!index.containsKey(effect)) {
              index.put(effect, spreads.size());
              spreads.add(spread);
            }
            amounts.add(index.get(effect));
          });
      seen.add(
          new Fit.Seen(prior(past.how().joints()), amounts, past.outcome() == WeldOutcome.HELD));
    }
    this.welds = decided.size();
    this.fit = Fit.of(seen, spreads);
  }

  /** What the decided welds of a Book say; suspect ones are left out. */
  public static HoldModel of(List<Past> book) {
    return new HoldModel(book.stream().filter(p -> p.outcome() != WeldOutcome.SUSPECT).toList());
  }

  /** The amounts a weld is moved by, with the spread each is believed to have. */
  private static Map<String, Double> effects(Past past) {
    Map<String, Double> effects = new LinkedHashMap<>();
    effects.put(SHOP, SHOP_SPREAD);
    for (Factor factor : Factor.values()) {
      past.level(factor)
          .ifPresent(level -> effects.put(factor.name() + ":" + level, factor.spread()));
    }
    return effects;
  }

  /** Log odds before any record. */
  private static double prior(int joints) {
    double p = HoldChance.prior().ofJoints(joints);
    return Math.log(p / (1 - p));
  }

  /**
   * The chance that a weld holds.
   *
   * @param mean over all that is in doubt
   * @param limits that hold the true chance nine times in ten, if the model is right
   * @param welds of the shop that are in it
   */
  public record Foretold(double mean, Interval limits, int welds) {
    /** Whether this is little more than the belief before any record. */
    public boolean isTooFew() {
      return welds < Tally.FEWEST || limits.width() > Tally.WIDEST;
    }
  }

  /** What is to be expected of a weld made like that; its outcome is not looked at. */
  public Foretold foretell(Past like) {
    Odds odds = odds(like);
    double wide = Math.sqrt(odds.variance());
    return new Foretold(
        odds.mean(),
        new Interval(Fit.chance(odds.at() - Z * wide), Fit.chance(odds.at() + Z * wide)),
        welds);
  }

  /** The same, as the Finder reckons with it for any number of joints. */
  public HoldChance holdChance(Past like) {
    double p = odds(like).mean();
    return HoldChance.moved(Math.log(p / (1 - p)) - prior(like.how().joints()), welds);
  }

  private record Odds(double at, double variance) {
    double mean() {
      return Fit.chance(at / Math.sqrt(1 + Math.PI * variance / 8));
    }
  }

  private Odds odds(Past like) {
    double at = prior(like.how().joints());
    double variance = 0;
    List<Integer> known = new ArrayList<>();
    for (Map.Entry<String, Double> effect : effects(like).entrySet()) {
      Integer i = index.get(effect.getKey());
      if (i == null) {
        variance += effect.getValue() * effect.getValue();
      } else {
        at += fit.amount(i);
        known.add(i);
      }
    }
    variance += fit.variance(known);
    return new Odds(at, variance);
  }

  /** How far each level moves the log odds, for showing; the shop's own first. */
  public Map<String, Double> moves() {
    Map<String, Double> moves = new LinkedHashMap<>();
    index.forEach((effect, i) -> moves.put(effect, fit.amount(i)));
    return moves;
  }
}
