package app.geminal.schedule;

import app.geminal.text.Message;
import app.geminal.units.Quantity;

/** Says why schedules are out. */
public final class LimitText {
  private LimitText() {}

  /** A limit as it would be after a change: {@code a stack of 110 mm}. */
  public static Message changed(Limit limit, double value) {
    return ScheduleText.LIMIT_CHANGED.with("limit", limit, "figure", figure(limit, value));
  }

  /**
   * The tolerance of the count as it would be after a change.
   *
   * @param tolerance part of the count, 0 to 1
   */
  public static Message changed(double tolerance) {
    return ScheduleText.TOLERANCE_CHANGED.with("percent", Math.round(1000 * tolerance) / 10.0);
  }

  /** In a sentence: {@code 214 need a stack of more than 100 mm}. */
  public static Message words(Census.RuledOut out, FinderQuestion question) {
    return ScheduleText.RULED_OUT.with(
        "count",
        out.count(),
        "limit",
        ScheduleText.LIMIT.with(
            "limit", out.limit(), "figure", figure(out.limit(), question.at(out.limit()))));
  }

  private static Object figure(Limit limit, double value) {
    return switch (limit) {
      case HEAVIEST -> Quantity.kg(value);
      case COARSE -> ScheduleText.HEIGHT_SHARE.with("percent", Math.round(value));
      case FORCE -> Quantity.kn(value);
      case TALLEST, LONGEST, SHORTEST, OUTER_LAYER, WIDE, HIGH, FINEST, LENGTH ->
          Quantity.mm(value);
    };
  }
}
