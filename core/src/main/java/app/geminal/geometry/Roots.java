package app.geminal.geometry;

import app.geminal.numeric.Border;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/** Where a rising function is 0. */
final class Roots {
  private static final double DUST = 1e-9;

  private Roots() {}

  /** Between two places; empty where it is 0 outside them. */
  static OptionalDouble rising(DoubleUnaryOperator of, double from, double to) {
    if (of.applyAsDouble(from) > DUST || of.applyAsDouble(to) < -DUST) {
      return OptionalDouble.empty();
    }
    return OptionalDouble.of(Border.between(from, to, 0, at -> of.applyAsDouble(at) < 0).middle());
  }
}
