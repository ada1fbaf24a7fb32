package app.geminal.weldmap;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;

/** How much each member of an ensemble counts; they sum to 1. Immutable. */
public final class Weights {
  private final double[] each;

  private Weights(double[] each) {
    this.each = each;
  }

  /** All alike. */
  public static Weights even(int members) {
    double[] each = new double[members];
    Arrays.fill(each, 1.0 / members);
    return new Weights(each);
  }

  /** A figure of each of several members. */
  public static <T> double[] figures(List<T> of, ToDoubleFunction<T> figure) {
    return of.stream().mapToDouble(figure).toArray();
  }

  /** How many members there are. */
  public int members() {
    return each.length;
  }

  /** How much one of them counts, 0 to 1. */
  public double of(int member) {
    return each[member];
  }

  /** After something was seen that each member makes so likely. */
  public Weights times(double[] likelihoods) {
    double sum = mean(likelihoods);
    double[] weighted = new double[each.length];
    for (int i = 0; i < each.length; i++) {
      weighted[i] = each[i] * likelihoods[i] / sum;
    }
    return new Weights(weighted);
  }

  /** As many equal members would say as much (Kong 1992). */
  public double effective() {
    return 1 / Arrays.stream(each).map(w -> w * w).sum();
  }

  /** The mean of what each member says; of what it makes so likely, the probability. */
  public double mean(double[] figures) {
    double sum = 0;
    for (int i = 0; i < each.length; i++) {
      sum += each[i] * figures[i];
    }
    return sum;
  }

  /** The variance of what each member says. */
  public double variance(double[] figures) {
    double mean = mean(figures);
    return mean(Arrays.stream(figures).map(f -> (f - mean) * (f - mean)).toArray());
  }

  /**
   * Figures that so much of the weight is below: straight between the middles of the members'
   * weights.
   *
   * @param parts each 0 to 1; a half is the median
   */
  public double[] quantiles(double[] figures, double... parts) {
    int[] order = order(figures);
    return Arrays.stream(parts).map(part -> quantile(figures, order, part)).toArray();
  }

  private double quantile(double[] figures, int[] order, double part) {
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

  /** The member whose figure is so far up, by weight. */
  public int memberAt(double[] figures, double part) {
    int[] order = order(figures);
    double sum = 0;
    for (int i : order) {
      sum += each[i];
      if (sum >= part) {
        return i;
      }
    }
    return order[order.length - 1];
  }

  /** The members by their figures, the least first. */
  private static int[] order(double[] figures) {
    return IntStream.range(0, figures.length)
        .boxed()
        .sorted(Comparator.comparingDouble(i -> figures[i]))
        .mapToInt(i -> i)
        .toArray();
  }

  /**
   * So many members drawn by weight, each about as often as it counts (systematic resampling).
   *
   * @param offset where the first falls, 0 to 1
   */
  public int[] drawn(int count, double offset) {
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
}
