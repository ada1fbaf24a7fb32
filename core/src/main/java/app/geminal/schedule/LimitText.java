package app.geminal.schedule;

import app.geminal.units.Measure;
import app.geminal.units.Quantity;
import java.util.Locale;

/** Says why schedules are out. */
public final class LimitText {
  private LimitText() {}

  /** A figure of a limit in its unit, as a mark where it has a unit. */
  public static String figure(Limit limit, double value) {
    return switch (limit) {
      case HEAVIEST -> Measure.mark(Quantity.kg(value));
      case COARSE -> String.format(Locale.ROOT, "%.0f%% of the height", value);
      case FORCE -> Measure.mark(Quantity.kn(value));
      case TALLEST, LONGEST, SHORTEST, OUTER_LAYER, WIDE, HIGH, FINEST, LENGTH -> Measure.mm(value);
    };
  }

  /** In a sentence: {@code 214 need a stack of more than 100 mm}. */
  public static String words(Census.RuledOut out, FinderQuestion question) {
    String needs = out.count() == 1 ? "needs" : "need";
    return String.format(
        Locale.ROOT,
        "%,d %s %s %s than %s",
        out.count(),
        needs,
        out.limit().words(),
        out.limit().isMost() ? "more" : "less",
        figure(out.limit(), question.at(out.limit())));
  }
}
