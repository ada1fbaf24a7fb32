package app.geminal.evidence;

import app.geminal.weld.HoldChance;
import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.ojalgo.function.special.ErrorFunction;

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
 * <p>Whether all factors lie nearer together in this shop than believed, or further apart, is
 * itself left to the record: the spreads are tried at {@link #SCALES} times what they are, each
 * believed alike, and every one counts for as much as it makes the record likely.
 *
 * <p>The amounts are where their chance is greatest, and their doubt is the curvature there
 * (Laplace's way; MacKay, Neural Computation 4, 1992, 720, for the mean over the doubt). Factors do
 * not work on each other, and nothing changes with time.
 */
public final class HoldModel {
  /** One standard deviation of the shop's own amount, log odds: 95 of 100 becomes 88 or 98. */
  public static final double SHOP_SPREAD = 0.9;

  /** How near or far apart the factors may lie, in times their spreads. */
  static final List<Double> SCALES = List.of(0.25, 0.5, 1.0, 1.5);

  private static final String SHOP = "shop";
  private static final double TAIL = (1 - Interval.LEVEL) / 2;
  private static final int HALVINGS = 60;
  private static final double FURTHEST_ODDS = 50;

  /** A scale, what it makes of the record, and how much it counts. */
  private record Scaled(double scale, LogisticFit fit, double weight) {}

  private final Map<String, Integer> index = new LinkedHashMap<>();
  private final List<Scaled> scaled;
  private final int welds;

  private HoldModel(List<WeldObservation> judged) {
    List<Double> spreads = new ArrayList<>();
    List<LogisticFit.Seen> seen = new ArrayList<>();
    for (WeldObservation past : judged) {
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
          new LogisticFit.Seen(
              prior(past.how().joints()), amounts, past.outcome() == WeldOutcome.HELD));
    }
    this.welds = judged.size();
    this.scaled =
        weighed(SCALES.stream().map(k -> new Scaled(k, fit(seen, spreads, k), 0)).toList());
  }

  private static LogisticFit fit(List<LogisticFit.Seen> seen, List<Double> spreads, double scale) {
    List<Double> scaled = new ArrayList<>();
    for (int i = 0; i < spreads.size(); i++) {
      scaled.add(i == 0 ? spreads.get(i) : spreads.get(i) * scale);
    }
    return LogisticFit.of(seen, scaled);
  }

  private static List<Scaled> weighed(List<Scaled> fits) {
    double best = fits.stream().mapToDouble(s -> s.fit().evidence()).max().orElseThrow();
    double sum = fits.stream().mapToDouble(s -> Math.exp(s.fit().evidence() - best)).sum();
    return fits.stream()
        .map(s -> new Scaled(s.scale(), s.fit(), Math.exp(s.fit().evidence() - best) / sum))
        .toList();
  }

  /** What the decided welds of a Book say; suspect ones are left out. */
  public static HoldModel of(List<WeldObservation> book) {
    return new HoldModel(book.stream().filter(p -> p.outcome() != WeldOutcome.SUSPECT).toList());
  }

  /** The amounts a weld is moved by, with the spread each is believed to have. */
  private static Map<String, Double> effects(WeldObservation past) {
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
  public record Prediction(double mean, Interval limits, int welds) {
    /** Whether this is little more than the belief before any record. */
    public boolean isTooFew() {
      return welds < WeldTally.FEWEST || limits.width() > WeldTally.WIDEST;
    }
  }

  /** What is to be expected of a weld made like that; its outcome is not looked at. */
  public Prediction predict(WeldObservation like) {
    List<Odds> odds = scaled.stream().map(s -> odds(like, s)).toList();
    return new Prediction(
        mean(odds), new Interval(below(odds, TAIL), below(odds, 1 - TAIL)), welds);
  }

  /** The same, as the Finder uses it for any number of joints. */
  public HoldChance holdChance(WeldObservation like) {
    double p = mean(scaled.stream().map(s -> odds(like, s)).toList());
    return HoldChance.moved(Math.log(p / (1 - p)) - prior(like.how().joints()), welds);
  }

  /** Log odds of a weld by one scale: normal round {@code at}. */
  private record Odds(double at, double variance, double weight) {
    double mean() {
      return LogisticFit.chance(at / Math.sqrt(1 + Math.PI * variance / 8));
    }

    double below(double odds) {
      return variance == 0
          ? odds < at ? 0 : 1
          : (1 + ErrorFunction.erf((odds - at) / Math.sqrt(2 * variance))) / 2;
    }
  }

  private static double mean(List<Odds> odds) {
    return odds.stream().mapToDouble(o -> o.weight() * o.mean()).sum();
  }

  /** The chance that has that much of the doubt below it. */
  private static double below(List<Odds> odds, double share) {
    double low = -FURTHEST_ODDS;
    double high = FURTHEST_ODDS;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      double there = odds.stream().mapToDouble(o -> o.weight() * o.below(middle)).sum();
      if (there < share) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return LogisticFit.chance((low + high) / 2);
  }

  private Odds odds(WeldObservation like, Scaled by) {
    double at = prior(like.how().joints());
    double variance = 0;
    List<Integer> known = new ArrayList<>();
    for (Map.Entry<String, Double> effect : effects(like).entrySet()) {
      Integer i = index.get(effect.getKey());
      if (i == null) {
        double scale = effect.getKey().equals(SHOP) ? 1 : by.scale();
        variance += effect.getValue() * effect.getValue() * scale * scale;
      } else {
        at += by.fit().amount(i);
        known.add(i);
      }
    }
    return new Odds(at, variance + by.fit().variance(known), by.weight());
  }

  /** How far each level moves the log odds, for showing; the shop's own first. */
  public Map<String, Double> moves() {
    Map<String, Double> moves = new LinkedHashMap<>();
    index.forEach((effect, i) ->
        moves.put(effect, scaled.stream().mapToDouble(s -> s.weight() * s.fit().amount(i)).sum()));
    return moves;
  }
}
