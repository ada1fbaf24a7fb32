package app.geminal.following;

import app.geminal.weldmap.Range;
import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import app.geminal.weldmap.Weights;
import java.util.ArrayList;
import java.util.List;
import org.ojalgo.matrix.decomposition.Cholesky;
import org.ojalgo.matrix.store.MatrixStore;
import org.ojalgo.matrix.store.R064Store;

/**
 * What a shop has learnt of its forge, its gauge, its dies and the gaps its stacks have. One normal
 * spread over all of them together, because what is seen of a heat is mostly about several at once:
 * hotter steel is a hotter chamber or blacker scale. In standard deviations of {@link
 * Unknown#range}. Immutable.
 *
 * <p>Forge, gauge and dies are the same in the next heat. The gaps of a stack are new, spread about
 * what is usual in the shop.
 */
public final class Learnt {
  /** What is learnt. */
  public static final List<Unknown> OF =
      List.of(
          Unknown.GAP_CONDUCTANCE,
          Unknown.EMISSIVITY,
          Unknown.CONVECTION,
          Unknown.CHAMBER_OFFSET,
          Unknown.DIE_CONTACT);

  private static final int GAP = OF.indexOf(Unknown.GAP_CONDUCTANCE);

  /**
   * How far the gaps of one stack are from what is usual in its shop, in standard deviations over
   * all shops. A guess: one stack in three is off by half as much again, or more.
   */
  private static final double STACK = 0.5;

  /**
   * What is forgotten from one heat to the next, because linings wear and gauges drift. A guess:
   * half in ninety heats.
   */
  private static final double FORGOTTEN = 0.008;

  private final int heats;
  private final MatrixStore<Double> middle;
  private final MatrixStore<Double> spread;

  private Learnt(int heats, MatrixStore<Double> middle, MatrixStore<Double> spread) {
    this.heats = heats;
    this.middle = middle;
    this.spread = spread;
  }

  /** Of a shop of which nothing is known. */
  public static Learnt nothing() {
    return new Learnt(0, R064Store.FACTORY.make(OF.size(), 1), beforeAnything());
  }

  private static R064Store beforeAnything() {
    R064Store spread = R064Store.FACTORY.makeEye(OF.size(), OF.size());
    spread.set(GAP, GAP, 1 - STACK * STACK);
    return spread;
  }

  /** From how many heats. */
  public int heats() {
    return heats;
  }

  /** Where 90 in 100 of what a figure may be are; of the gaps as they usually are in the shop. */
  public Interval of(Unknown what) {
    int at = OF.indexOf(what);
    double mean = middle.doubleValue(at, 0);
    double off = Range.AT_95 * Math.sqrt(spread.doubleValue(at, at));
    Range range = what.range();
    return new Interval(range.atScore(mean - off), range.atScore(mean), range.atScore(mean + off));
  }

  /** How the next stack in this forge may be; what is never learnt is as always. */
  public List<Sample> ensemble() {
    MatrixStore<Double> root = nextStack().getL();
    return Sample.ensemble().stream().map(usual -> shifted(usual, root)).toList();
  }

  private Sample shifted(Sample usual, MatrixStore<Double> root) {
    R064Store apart = R064Store.FACTORY.make(OF.size(), 1);
    for (int i = 0; i < OF.size(); i++) {
      apart.set(i, 0, OF.get(i).range().score(usual.get(OF.get(i))));
    }
    MatrixStore<Double> scores = root.multiply(apart).add(middle);
    Sample sample = usual;
    for (int i = 0; i < OF.size(); i++) {
      sample = sample.with(OF.get(i), OF.get(i).range().atScore(scores.doubleValue(i, 0)));
    }
    return sample;
  }

  /** The spread of the next stack, factored: its own gaps are about what is usual. */
  private Cholesky<Double> nextStack() {
    R064Store all = R064Store.FACTORY.copy(spread);
    all.add(GAP, GAP, STACK * STACK);
    Cholesky<Double> factored = Cholesky.R064.make();
    factored.decompose(all);
    return factored;
  }

  /**
   * With what was seen of one more bar.
   *
   * @param bar followed with {@link #ensemble} of this from the beginning
   */
  public Learnt after(FollowedBar bar) {
    // What is usual in the shop, given one stack: a regression of the gaps on all that is learnt,
    // the rest unchanged (Kalman's update with what the members have come to as observation).
    MatrixStore<Double> gaps = R064Store.FACTORY.copy(spread.row(GAP));
    MatrixStore<Double> slope = gaps.multiply(nextStack().getInverse());
    R064Store usual = R064Store.FACTORY.makeEye(OF.size(), OF.size());
    for (int i = 0; i < OF.size(); i++) {
      usual.set(GAP, i, slope.doubleValue(0, i));
    }
    double unexplained =
        spread.doubleValue(GAP, GAP) - slope.multiply(gaps.transpose()).doubleValue(0, 0);
    List<double[]> scores = OF.stream().map(bar::scores).toList();
    MatrixStore<Double> now =
        usual.multiply(middle(scores, bar.weights()).subtract(middle)).add(middle);
    R064Store spreadNow =
        R064Store.FACTORY.copy(
            usual.multiply(spread(scores, bar.weights())).multiply(usual.transpose()));
    spreadNow.add(GAP, GAP, unexplained);
    return new Learnt(
        heats + 1,
        now.multiply(1 - FORGOTTEN),
        spreadNow.multiply(1 - FORGOTTEN).add(beforeAnything().multiply(FORGOTTEN)));
  }

  private static MatrixStore<Double> middle(List<double[]> scores, Weights weights) {
    R064Store middle = R064Store.FACTORY.make(scores.size(), 1);
    for (int i = 0; i < scores.size(); i++) {
      middle.set(i, 0, weights.mean(scores.get(i)));
    }
    return middle;
  }

  private static MatrixStore<Double> spread(List<double[]> scores, Weights weights) {
    List<double[]> apart = new ArrayList<>();
    for (double[] each : scores) {
      double mean = weights.mean(each);
      double[] off = new double[each.length];
      for (int m = 0; m < each.length; m++) {
        off[m] = each[m] - mean;
      }
      apart.add(off);
    }
    R064Store spread = R064Store.FACTORY.make(scores.size(), scores.size());
    for (int i = 0; i < scores.size(); i++) {
      for (int j = 0; j < scores.size(); j++) {
        double[] products = apart.get(i).clone();
        for (int m = 0; m < products.length; m++) {
          products[m] *= apart.get(j)[m];
        }
        spread.set(i, j, weights.mean(products));
      }
    }
    return spread;
  }
}
