package app.geminal.evidence;

import app.geminal.numeric.Border;
import app.geminal.weld.HoldChance;
import app.geminal.weld.WeldChance;
import app.geminal.weld.WeldOutcome;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;
import org.ojalgo.function.special.ErrorFunction;

/**
 * The chance that a weld holds: log odds of the belief before any record, moved by what this shop's
 * welds have shown. That belief knows either only how many joints the weld has ({@link
 * HoldChance}), or what its weld map makes of them.
 *
 * <p>A logistic model. Each level of each {@link Factor} moves the log odds by an amount of its
 * own, believed to be 0 before any record, give or take the factor's spread; one more amount, give
 * or take {@value #SHOP_SPREAD}, is the shop's own for all of its welds. So a level seen twice
 * moves little, one seen a hundred times as far as its welds say, and one never seen adds doubt
 * only.
 *
 * <p>Where there are records of other shops, a part of the shop's own amount is common to all of
 * them, and so is what levels do.
 *
 * <p>Of a weld with a map two more amounts stretch or shrink the log odds of the map, one those
 * under even and one those over (Platt 1999, with a belief in what is fitted, and a bend: mishaps
 * that no log shows keep the best maps from coming true). Neither makes less than nothing of them:
 * a better map is never a worse chance.
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
  /** One standard deviation of a shop among all, log odds: 95 of 100 becomes 88 or 98. */
  public static final double SHOP_SPREAD = 0.9;

  /** Of it, what shops have from one another. A guess: a third of the variance. */
  private static final double APART_SPREAD = 0.5;

  private static final double COMMON_SPREAD =
      Math.sqrt(SHOP_SPREAD * SHOP_SPREAD - APART_SPREAD * APART_SPREAD);

  private static final String COMMON = "shops";

  /** How near or far apart the factors may lie, in times their spreads. */
  static final List<Double> SCALES = List.of(0.25, 0.5, 1.0, 1.5);

  /** One standard deviation of how far the log odds of maps may be stretched or shrunk. A guess. */
  private static final double STRETCH_SPREAD = 0.45;

  private static final String SHOP = "shop";
  private static final String UNDER_EVEN = "map under even";
  private static final String OVER_EVEN = "map over even";

  /** A map is a share of 64; it says no more than this, and its opposite. */
  private static final double SUREST_MAP = 0.98;

  private static final int CURVE = 50;

  private static final double TAIL = (1 - Interval.LEVEL) / 2;
  private static final double NO_ODDS = 100 * 0x1p-60;
  private static final double FURTHEST_ODDS = 50;

  /** An amount in the log odds of a weld: how it spreads, and what it is multiplied with. */
  private record Effect(double spread, double by) {}

  /** A scale, what it makes of the record, and how much it counts. */
  private record Scaled(double scale, LogisticFit fit, double weight) {}

  private final Map<String, Integer> index = new LinkedHashMap<>();
  private final List<Scaled> scaled;
  private final int welds;
  private final boolean isOfMaps;
  private final boolean isPooled;

  private HoldModel(
      List<WeldObservation> judged, List<List<WeldObservation>> others, boolean isOfMaps) {
    this.isOfMaps = isOfMaps;
    this.isPooled = !others.isEmpty();
    List<Double> spreads = new ArrayList<>();
    List<LogisticFit.Seen> seen = new ArrayList<>();
    judged.forEach(past -> seen.add(seen(past, effects(past), spreads)));
    for (int shop = 0; shop < others.size(); shop++) {
      String name = SHOP + " " + (shop + 1);
      others.get(shop).forEach(past -> seen.add(seen(past, effectsOf(name, past), spreads)));
    }
    this.welds = judged.size();
    this.scaled =
        weighed(SCALES.stream().map(k -> new Scaled(k, fit(seen, spreads, k), 0)).toList());
  }

  private LogisticFit.Seen seen(
      WeldObservation past, Map<String, Effect> effects, List<Double> spreads) {
    List<LogisticFit.Term> terms = new ArrayList<>();
    effects.forEach((name, effect) -> {
      if (!index.containsKey(name)) {
        index.put(name, spreads.size());
        spreads.add(effect.spread());
      }
      terms.add(new LogisticFit.Term(index.get(name), effect.by()));
    });
    return new LogisticFit.Seen(prior(past), terms, past.outcome() == WeldOutcome.HELD);
  }

  private LogisticFit fit(List<LogisticFit.Seen> seen, List<Double> spreads, double scale) {
    List<Double> scaled = new ArrayList<>();
    index.forEach((name, i) -> scaled.add(spreads.get(i) * (isScaled(name) ? scale : 1)));
    return LogisticFit.of(seen, scaled);
  }

  private static List<Scaled> weighed(List<Scaled> fits) {
    double best = fits.stream().mapToDouble(s -> s.fit().evidence()).max().orElseThrow();
    double sum = fits.stream().mapToDouble(s -> Math.exp(s.fit().evidence() - best)).sum();
    return fits.stream()
        .map(s -> new Scaled(s.scale(), s.fit(), Math.exp(s.fit().evidence() - best) / sum))
        .toList();
  }

  /** What the decided welds of a Book say; suspect ones are left out, maps are not looked at. */
  public static HoldModel of(List<WeldObservation> book) {
    return of(book, List.of());
  }

  /**
   * The same with what other shops' welds say of all shops.
   *
   * @param others the records of other shops, one list for each
   */
  public static HoldModel of(List<WeldObservation> book, List<List<WeldObservation>> others) {
    return new HoldModel(decided(book), others.stream().map(HoldModel::decided).toList(), false);
  }

  /** What the decided welds of a Book that have a map say of what maps are worth here. */
  public static HoldModel ofMaps(List<WeldObservation> book) {
    return ofMaps(book, List.of());
  }

  /**
   * The same with what other shops' welds say of all shops.
   *
   * @param others the records of other shops, one list for each
   */
  public static HoldModel ofMaps(List<WeldObservation> book, List<List<WeldObservation>> others) {
    return new HoldModel(
        mapped(book),
        others.stream().map(HoldModel::mapped).filter(o -> !o.isEmpty()).toList(),
        true);
  }

  private static List<WeldObservation> decided(List<WeldObservation> book) {
    return book.stream().filter(p -> p.outcome() != WeldOutcome.SUSPECT).toList();
  }

  private static List<WeldObservation> mapped(List<WeldObservation> book) {
    return decided(book).stream().filter(p -> p.how().mapChance() != null).toList();
  }

  /** The amounts a weld of this shop is moved by. */
  private Map<String, Effect> effects(WeldObservation past) {
    Map<String, Effect> effects = effectsOf(SHOP, past);
    effect(Factor.SMITH, past, effects);
    return effects;
  }

  /** The amounts a weld of any shop is moved by; smiths are not compared over shops. */
  private Map<String, Effect> effectsOf(String shop, WeldObservation past) {
    Map<String, Effect> effects = new LinkedHashMap<>();
    effects.put(shop, new Effect(isPooled ? APART_SPREAD : SHOP_SPREAD, 1));
    if (isPooled) {
      effects.put(COMMON, new Effect(COMMON_SPREAD, 1));
    }
    if (isOfMaps) {
      effects.put(UNDER_EVEN, new Effect(STRETCH_SPREAD, Math.min(prior(past), 0)));
      effects.put(OVER_EVEN, new Effect(STRETCH_SPREAD, Math.max(prior(past), 0)));
    }
    for (Factor factor : Factor.values()) {
      if (factor != Factor.SMITH) {
        effect(factor, past, effects);
      }
    }
    return effects;
  }

  private static void effect(Factor factor, WeldObservation past, Map<String, Effect> effects) {
    past.level(factor)
        .ifPresent(
            level -> effects.put(factor.name() + ":" + level, new Effect(factor.spread(), 1)));
  }

  /** Log odds before any record. */
  private double prior(WeldObservation of) {
    Double map = of.how().mapChance();
    return logOdds(
        isOfMaps && map != null
            ? Math.clamp(map, 1 - SUREST_MAP, SUREST_MAP)
            : HoldChance.prior().ofJoints(of.how().joints()));
  }

  private static double logOdds(double chance) {
    return Math.log(chance / (1 - chance));
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

  /** Its mean without the limits, which take longer. */
  public double mean(WeldObservation like) {
    return mean(scaled.stream().map(s -> odds(like, s)).toList());
  }

  /** Of the shop, that are in it. */
  public int welds() {
    return welds;
  }

  /**
   * The mean for a weld like that, by the chance its map gives it; between {@value #CURVE} values
   * of that it is taken to run straight.
   */
  private DoubleUnaryOperator ofMapChance(WeldObservation like) {
    double[] means =
        IntStream.rangeClosed(0, CURVE)
            .mapToDouble(i -> mean(like.withMap((double) i / CURVE)))
            .toArray();
    return chance -> {
      double at = Math.clamp(chance, 0, 1) * CURVE;
      int below = Math.min((int) at, CURVE - 1);
      return means[below] + (at - below) * (means[below + 1] - means[below]);
    };
  }

  /**
   * The mean for welds made like that, as the Finder asks for it.
   *
   * @param maps what their maps say
   */
  public WeldChance weldChance(WeldChance maps, WeldObservation like) {
    DoubleUnaryOperator first = ofMapChance(like.ofFirstStack());
    DoubleUnaryOperator later = ofMapChance(like);
    return (isRestacked, heightMm, lengthMm, joints) ->
        (isRestacked ? later : first)
            .applyAsDouble(maps.of(isRestacked, heightMm, lengthMm, joints));
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
    Border border =
        Border.between(
            -FURTHEST_ODDS,
            FURTHEST_ODDS,
            NO_ODDS,
            at -> odds.stream().mapToDouble(o -> o.weight() * o.below(at)).sum() < share);
    return LogisticFit.chance(border.middle());
  }

  private Odds odds(WeldObservation like, Scaled by) {
    double at = prior(like);
    double variance = 0;
    List<LogisticFit.Term> known = new ArrayList<>();
    for (Map.Entry<String, Effect> each : effects(like).entrySet()) {
      Effect effect = each.getValue();
      Integer i = index.get(each.getKey());
      if (i == null) {
        double spread = effect.spread() * (isScaled(each.getKey()) ? by.scale() : 1);
        variance += Math.pow(spread * effect.by(), 2);
      } else {
        at += amount(each.getKey(), i, by.fit()) * effect.by();
        known.add(new LogisticFit.Term(i, effect.by()));
      }
    }
    return new Odds(at, variance + by.fit().variance(known), by.weight());
  }

  private static double amount(String name, int i, LogisticFit fit) {
    return isStretch(name) ? Math.max(-1, fit.amount(i)) : fit.amount(i);
  }

  /** Whether the record decides how far its amounts lie apart. */
  private static boolean isScaled(String name) {
    return !name.startsWith(SHOP) && !isStretch(name);
  }

  private static boolean isStretch(String name) {
    return name.equals(UNDER_EVEN) || name.equals(OVER_EVEN);
  }

  /** How far each level moves the log odds, for showing; the shop's own first. */
  public Map<String, Double> moves() {
    Map<String, Double> moves = new LinkedHashMap<>();
    index.forEach((effect, i) ->
        moves.put(effect, scaled.stream().mapToDouble(s -> s.weight() * s.fit().amount(i)).sum()));
    return moves;
  }
}
