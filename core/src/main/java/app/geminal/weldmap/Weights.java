package app.geminal.following;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** How much each member of an ensemble counts; they sum to 1. Immutable. */
final class Weights {
  private static final double LOW = 0.05;
  private static final double MIDDLE = 0.5;
  private static final double HIGH = 0.95;

  private final double[] each;

  private Weights(double[] each) {
    this.each = each;
  }

  /** All alike. */
  static Weights even(int members) {
    double[] each = new double[members];
    Arrays.fill(each, 1.0 / members);
    return new Weights(each);
  }

  /** One figure for each member. */
  double[] each() {
    return each.clone();
  }

  /** After something was seen that each member makes so likely. */
  Weights times(double[] likelihoods) {
    double[] weighted = new double[each.length];
    double sum = 0;
    for (int i = 0; i < each.length; i++) {
      weighted[i] = each[i] * likelihoods[i];
      sum += weighted[i];
    }
    for (int i = 0; i < each.length; i++) {
      weighted[i] /= sum;
    }
    return new Weights(weighted);
  }

  /** Probability of something that each member makes so likely. */
  double of(double[] likelihoods) {
    double sum = 0;
    for (int i = 0; i < each.length; i++) {
      sum += each[i] * likelihoods[i];
    }
    return sum;
  }

  /** As many equal members would say as much (Kong 1992). */
  double effective() {
    return 1 / Arrays.stream(each).map(w -> w * w).sum();
  }

  double mean(double[] figures) {
    return of(figures);
  }

  double variance(double[] figures) {
    double mean = mean(figures);
    return of(Arrays.stream(figures).map(f -> (f - mean) * (f - mean)).toArray());
  }

  /** Where the figures of the members are. */
  Interval interval(double[] figures) {
    Integer[] order = IntStream.range(0, each.length).boxed().toArray(Integer[]::new);
    Arrays.sort(order, Comparator.comparingDouble(i -> figures[i]));
    return new Interval(
        quantile(figures, order, LOW),
        quantile(figures, order, MIDDLE),
        quantile(figures, order, HIGH));
  }

  /** Straight between the middles of the members' weights. */
  private double quantile(double[] figures, Integer[] order, double part) {
    double below = 0;
    double lastAt = 0;
    double last = figures[order[0]];
    for (int i : order) {
      double at = below + each[i] / 2;
      if (at >= part) {
        double share = at == lastAt ? 1 : (part - lastAt) / (at - lastAt);
        return last + share * (figures[i] - last);
      }
      below += each[i];
      lastAt = at;
      last = figures[i];
    }
    return last;
  }

  /**
   * So many members drawn by weight, each about as often as it counts (systematic resampling).
   *
   * @param offset where the first falls, 0 to 1
   */
  int[] drawn(int count, double offset) {
    int[] drawn = new int[count];
    int member = 0;
    double upTo = each[0];
    for (int i = 0; i < count; i++) {
      double at = (i + offset) / count;
      while (at > upTo && member < each.length - 1) {
        upTo += each[++member];
      }
      drawn[i] = member;
    }
    return drawn;
  }

  /** The member whose figure is so far up, by weight. */
  int memberAt(double[] figures, double part) {
    Integer[] order = IntStream.range(0, each.length).boxed().toArray(Integer[]::new);
    Arrays.sort(order, Comparator.comparingDouble(i -> figures[i]));
    double sum = 0;
    for (int i : order) {
      sum += each[i];
      if (sum >= part) {
        return i;
      }
    }
    return order[order.length - 1];
  }

  /** A figure of each of several. */
  static <T> double[] figures(List<T> of, ToDoubleFunction<T> figure) {
    return of.stream().mapToDouble(figure).toArray();
  }
}
