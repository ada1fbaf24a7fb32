package app.geminal.geometry;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/** Where a rising function is 0. */
final class Roots {
  private static final int HALVINGS = 80;
  private static final double DUST = 1e-9;

  private Roots() {}

  /** Between two places; empty where it is 0 outside them. */
  static OptionalDouble rising(DoubleUnaryOperator of, double from, double to) {
    if (of.applyAsDouble(from) > DUST || of.applyAsDouble(to) < -DUST) {
      return OptionalDouble.empty();
    }
    double low = from;
    double high = to;
    for (int i = 0; i < HALVINGS && high > low; i++) {
      double middle = (low + high) / 2;
      if (of.applyAsDouble(middle) < 0) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return OptionalDouble.of((low + high) / 2);
  }
}
