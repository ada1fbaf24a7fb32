package app.geminal.evidence;

import java.util.List;
import org.ojalgo.matrix.decomposition.Cholesky;
import org.ojalgo.matrix.store.MatrixStore;
import org.ojalgo.matrix.store.R064Store;

/**
 * A logistic fit: which amounts are likeliest by a belief in each (normal, round 0) and by what was
 * seen, and how much doubt is left. Newton's steps, each halved until it climbs; the hill has one
 * top. Package use only.
 */
final class LogisticFit {
  private static final int MOST_STEPS = 100;
  private static final int MOST_HALVINGS = 40;
  private static final double SETTLED = 1e-10;

  /**
   * An amount in the log odds of something.
   *
   * @param amount which
   * @param by what it is multiplied with
   */
  record Term(int amount, double by) {}

  /**
   * One thing that was seen.
   *
   * @param before log odds before any amount is added
   * @param terms what is added
   * @param yes whether it came out
   */
  record Seen(double before, List<Term> terms, boolean yes) {}

  private final List<Seen> seen;
  private final List<Double> spreads;
  private double[] at;
  private R064Store doubt;
  private double logDeterminant;

  private LogisticFit(List<Seen> seen, List<Double> spreads) {
    this.seen = seen;
    this.spreads = spreads;
    this.at = new double[spreads.size()];
    this.doubt = R064Store.FACTORY.make(at.length, at.length);
  }

  /**
   * Fits.
   *
   * @param spreads one standard deviation of the belief in each amount, log odds
   */
  static LogisticFit of(List<Seen> seen, List<Double> spreads) {
    LogisticFit fit = new LogisticFit(seen, spreads);
    if (!spreads.isEmpty()) {
      fit.climb();
    }
    return fit;
  }

  private void climb() {
    Cholesky<Double> solver = Cholesky.R064.make(at.length, at.length);
    double height = height(at);
    for (int step = 0; step < MOST_STEPS; step++) {
      R064Store slope = R064Store.FACTORY.make(at.length, 1);
      if (!solver.decompose(curvature(slope))) {
        throw new IllegalStateException("The curvature is not positive: a figure is no number.");
      }
      MatrixStore<Double> whole = solver.getSolution(slope);
      double part = 1;
      double[] next = moved(whole, part);
      for (int i = 0; i < MOST_HALVINGS && height(next) < height; i++) {
        part /= 2;
        next = moved(whole, part);
      }
      double climbed = height(next) - height;
      at = next;
      height += climbed;
      if (climbed < SETTLED) {
        break;
      }
    }
    solver.decompose(curvature(R064Store.FACTORY.make(at.length, 1)));
    logDeterminant = Math.log(solver.getDeterminant());
    doubt = R064Store.FACTORY.copy(solver.getInverse());
  }

  private double[] moved(MatrixStore<Double> step, double part) {
    double[] next = at.clone();
    for (int i = 0; i < next.length; i++) {
      next[i] += part * step.doubleValue(i, 0);
    }
    return next;
  }

  /** Logarithm of the chance of belief and sight together, up to a constant. */
  private double height(double[] amounts) {
    double height = 0;
    for (int i = 0; i < amounts.length; i++) {
      double off = amounts[i] / spreads.get(i);
      height -= off * off / 2;
    }
    for (Seen s : seen) {
      double odds = odds(s, amounts);
      height -= Math.log1p(Math.exp(-Math.abs(odds))) + Math.max(0, s.yes() ? -odds : odds);
    }
    return height;
  }

  private R064Store curvature(R064Store slope) {
    R064Store curvature = R064Store.FACTORY.make(at.length, at.length);
    for (int i = 0; i < at.length; i++) {
      double precision = 1 / (spreads.get(i) * spreads.get(i));
      curvature.set(i, i, precision);
      slope.set(i, 0, -at[i] * precision);
    }
    for (Seen s : seen) {
      double p = chance(odds(s, at));
      for (Term one : s.terms()) {
        slope.add(one.amount(), 0, one.by() * ((s.yes() ? 1 : 0) - p));
        for (Term other : s.terms()) {
          curvature.add(one.amount(), other.amount(), one.by() * other.by() * p * (1 - p));
        }
      }
    }
    return curvature;
  }

  private static double odds(Seen s, double[] amounts) {
    double odds = s.before();
    for (Term term : s.terms()) {
      odds += amounts[term.amount()] * term.by();
    }
    return odds;
  }

  /** A chance from its log odds. */
  static double chance(double odds) {
    return 1 / (1 + Math.exp(-odds));
  }

  /**
   * Logarithm of the chance of all that was seen, over all the amounts could be (Laplace), up to a
   * constant that does not hang on the spreads.
   */
  double evidence() {
    double evidence = height(at);
    for (double spread : spreads) {
      evidence -= Math.log(spread);
    }
    return evidence - logDeterminant / 2;
  }

  /** The likeliest of one amount. */
  double amount(int i) {
    return at[i];
  }

  /** Variance of the sum of some terms. */
  double variance(List<Term> terms) {
    double variance = 0;
    for (Term one : terms) {
      for (Term other : terms) {
        variance += one.by() * other.by() * doubt.doubleValue(one.amount(), other.amount());
      }
    }
    return variance;
  }
}
