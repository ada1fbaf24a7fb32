package app.geminal.simulator;

import java.util.List;
import java.util.Random;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/** What is drawn for many runs, and counted of them. */
final class Many {
  private Many() {}

  /** Anywhere between two figures, all alike. */
  static double between(Random random, double from, double to) {
    return from + (to - from) * random.nextDouble();
  }

  /** How many of them, 0 to 1. */
  static <T> double share(List<T> of, Predicate<T> that) {
    return of.stream().filter(that).count() / (double) of.size();
  }

  /** The figure in the middle of them. */
  static <T> double median(List<T> of, ToDoubleFunction<T> figure) {
    return of.stream().mapToDouble(figure).sorted().skip(of.size() / 2).findFirst().orElseThrow();
  }
}
