package app.geminal.numeric;

import java.util.function.DoublePredicate;

/**
 * Where something stops being so, found by halving.
 *
 * @param last place where it was seen to be so
 * @param next place where it was not
 */
public record Border(double last, double next) {
  /** A double has no more digits than so many halvings give. */
  private static final int MOST_HALVINGS = 1100;

  /**
   * Between two places; only one change between them is looked for.
   *
   * @param from where it is so
   * @param to where it is not, above or below {@code from}
   * @param tolerance how far apart the two places may stay, 0 for as near as numbers can be
   */
  public static Border between(double from, double to, double tolerance, DoublePredicate isSo) {
    double last = from;
    double next = to;
    for (int i = 0; i < MOST_HALVINGS && Math.abs(next - last) > tolerance; i++) {
      double middle = (last + next) / 2;
      if (middle == last || middle == next) {
        break;
      }
      if (isSo.test(middle)) {
        last = middle;
      } else {
        next = middle;
      }
    }
    return new Border(last, next);
  }

  /** Between the two. */
  public double middle() {
    return (last + next) / 2;
  }
}
