package app.geminal.following;

import app.geminal.weldmap.Sample;
import app.geminal.weldmap.Unknown;
import app.geminal.weldmap.Weights;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.SplittableRandom;
import org.ojalgo.function.constant.PrimitiveMath;
import org.ojalgo.matrix.decomposition.Cholesky;
import org.ojalgo.matrix.store.MatrixStore;
import org.ojalgo.matrix.store.R064Store;

/**
 * What the members of an ensemble take several unknowns to be, in standard deviations of {@link
 * Unknown#range}: a row for each unknown, a column for each member.
 */
final class Scores {
  /** Members that agree in everything are spread so much apart again. */
  private static final double LEAST_VARIANCE = 1e-6;

  private final List<Unknown> unknowns;
  private final R064Store each;

  private Scores(List<Unknown> unknowns, R064Store each) {
    this.unknowns = unknowns;
    this.each = each;
  }

  /** Of so many samples. */
  static Scores of(List<Sample> samples, Collection<Unknown> unknowns) {
    List<Unknown> rows = List.copyOf(unknowns);
    R064Store each = R064Store.FACTORY.make(rows.size(), samples.size());
    for (int i = 0; i < rows.size(); i++) {
      Unknown unknown = rows.get(i);
      for (int m = 0; m < samples.size(); m++) {
        each.set(i, m, unknown.range().score(samples.get(m).get(unknown)));
      }
    }
    return new Scores(rows, each);
  }

  /** The mean of each unknown: a column. */
  MatrixStore<Double> middle(Weights weights) {
    return each.multiply(column(weights));
  }

  /**
   * How the unknowns vary together. Few members that count are nearer to their own mean than to the
   * true one; that is allowed for.
   */
  MatrixStore<Double> spread(Weights weights) {
    R064Store apart = apart(middle(weights));
    R064Store weighted = apart.copy();
    for (int m = 0; m < weights.members(); m++) {
      weighted.modifyColumn(m, PrimitiveMath.MULTIPLY.second(weights.of(m)));
    }
    double few = Math.max(LEAST_VARIANCE, 1 - 1 / weights.effective());
    return weighted.multiply(apart.transpose()).multiply(1 / few);
  }

  /**
   * The same without what a few members only seem to say of how unknowns vary together: all of it
   * where no more of them count than there are unknowns.
   */
  R064Store believedSpread(Weights weights) {
    R064Store believed = R064Store.FACTORY.copy(spread(weights));
    double few = Math.min(1, unknowns.size() / weights.effective());
    for (int i = 0; i < unknowns.size(); i++) {
      for (int j = 0; j < unknowns.size(); j++) {
        believed.set(i, j, believed.doubleValue(i, j) * (i == j ? 1 : 1 - few * few));
      }
    }
    return believed;
  }

  /**
   * Each kept in part, the rest chance, so that members drawn several times differ (Liu and West
   * 2001).
   *
   * @param kept how much, 0 to 1
   * @param spread as wide as the chance is where nothing is kept
   */
  Scores scattered(double kept, MatrixStore<Double> spread, SplittableRandom random) {
    R064Store scattered = each.copy();
    for (int i = 0; i < unknowns.size(); i++) {
      double chance = Math.sqrt((1 - kept * kept) * spread.doubleValue(i, i));
      for (int m = 0; m < scattered.countColumns(); m++) {
        scattered.set(i, m, kept * each.doubleValue(i, m) + chance * random.nextGaussian());
      }
    }
    return new Scores(unknowns, scattered);
  }

  /**
   * The first half of them, and each the other way round. What the members then say of something
   * that nothing shows cancels out, and is not taken for knowledge.
   */
  Scores inPairs() {
    R064Store paired = each.copy();
    int half = Math.toIntExact(each.countColumns() / 2);
    for (int m = half; m < 2 * half; m++) {
      for (int i = 0; i < unknowns.size(); i++) {
        paired.set(i, m, -each.doubleValue(i, m - half));
      }
    }
    return new Scores(unknowns, paired);
  }

  /**
   * The same, moved and stretched until they have just this middle and this spread, where each
   * counts alike. What chance made of a small ensemble would otherwise be taken for knowledge, heat
   * after heat.
   */
  Scores matched(MatrixStore<Double> middle, MatrixStore<Double> spread) {
    Weights alike = Weights.even(Math.toIntExact(each.countColumns()));
    Cholesky<Double> from = factored(spread(alike));
    R064Store standard = apart(middle(alike));
    standard.substituteForwards(from.getL(), false, false, false);
    R064Store matched = R064Store.FACTORY.copy(factored(spread).getL().multiply(standard));
    for (int m = 0; m < matched.countColumns(); m++) {
      for (int i = 0; i < matched.countRows(); i++) {
        matched.add(i, m, middle.doubleValue(i, 0));
      }
    }
    return new Scores(unknowns, matched);
  }

  /** Samples with these in place of what they took the unknowns to be. */
  List<Sample> in(List<Sample> samples) {
    List<Sample> changed = new ArrayList<>();
    for (int m = 0; m < samples.size(); m++) {
      Sample sample = samples.get(m);
      for (int i = 0; i < unknowns.size(); i++) {
        Unknown unknown = unknowns.get(i);
        sample = sample.with(unknown, unknown.range().atScore(each.doubleValue(i, m)));
      }
      changed.add(sample);
    }
    return changed;
  }

  private R064Store apart(MatrixStore<Double> middle) {
    R064Store apart = each.copy();
    for (int m = 0; m < apart.countColumns(); m++) {
      for (int i = 0; i < apart.countRows(); i++) {
        apart.add(i, m, -middle.doubleValue(i, 0));
      }
    }
    return apart;
  }

  private static R064Store column(Weights weights) {
    R064Store column = R064Store.FACTORY.make(weights.members(), 1);
    for (int m = 0; m < weights.members(); m++) {
      column.set(m, 0, weights.of(m));
    }
    return column;
  }

  private static Cholesky<Double> factored(MatrixStore<Double> spread) {
    R064Store wider = R064Store.FACTORY.copy(spread);
    for (int i = 0; i < wider.countRows(); i++) {
      wider.add(i, i, LEAST_VARIANCE);
    }
    Cholesky<Double> factored = Cholesky.R064.make();
    factored.decompose(wider);
    return factored;
  }
}
