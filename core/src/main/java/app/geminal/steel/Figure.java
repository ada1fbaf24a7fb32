package app.geminal.steel;

import app.geminal.validation.Require;

/**
 * A value that says how far it can be trusted.
 *
 * @param value in the unit of the field that holds it
 * @param plusMinus half the width of the range it may lie in, same unit, 0 or more
 * @param basis where it comes from
 * @param source formula, table or test, in a few words
 */
public record Figure(double value, double plusMinus, Basis basis, String source) {
  /** Checks every field. */
  public Figure {
    Require.number("value", value, -1e6, 1e6);
    Require.number("plusMinus", plusMinus, 0, 1e6);
    Require.present("basis", basis);
    Require.text("source", source, 200);
  }

  /** The same value, measured instead. */
  public static Figure measured(double value, double plusMinus, String source) {
    return new Figure(value, plusMinus, Basis.MEASURED, source);
  }

  /** A value computed from the composition. */
  public static Figure computed(double value, double plusMinus, String source) {
    return new Figure(value, plusMinus, Basis.COMPUTED, source);
  }

  /** What such steels usually have. */
  public static Figure typical(double value, double plusMinus, String source) {
    return new Figure(value, plusMinus, Basis.TYPICAL, source);
  }
}
