package app.geminal.workplan;

import app.geminal.validation.InvalidValue;
import app.geminal.validation.Require;

/**
 * Minutes from one to another, the last not among them.
 *
 * @param fromMin first
 * @param toMin after {@code fromMin}
 */
public record Span(int fromMin, int toMin) {
  /** Checks the order. */
  public Span {
    Require.count("fromMin", fromMin, 0, MOST_MIN);
    if (toMin <= fromMin) {
      throw new InvalidValue("toMin", WorkPlanText.SPAN_ENDS_BEFORE_IT_BEGINS.with());
    }
    Require.count("toMin", toMin, 1, MOST_MIN);
  }

  /** A year and more. */
  static final int MOST_MIN = 600_000;

  /** How long it is. */
  public int minutes() {
    return toMin - fromMin;
  }

  /** The same so much later. */
  Span later(int minutes) {
    return new Span(fromMin + minutes, toMin + minutes);
  }

  boolean contains(Span that) {
    return fromMin <= that.fromMin && that.toMin <= toMin;
  }
}
