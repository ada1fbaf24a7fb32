package app.geminal.validation;

import app.geminal.units.Measure;
import app.geminal.units.Text;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The few kinds of rule a field can have. Each returns the value or throws {@link InvalidValue}.
 */
public final class Require {
  private Require() {}

  /** No length that is not nothing is smaller: a tenth of a micrometre, mm. */
  private static final double SMALLEST_MM = 1e-4;

  /**
   * A length above {@code leastMm} (exclusive) and at most {@code mostMm}, millimetres; above 0 it
   * is {@value #SMALLEST_MM} mm at least, so that nothing divided by it gets out of hand.
   */
  public static double lengthAbove(String field, double mm, double leastMm, double mostMm) {
    if (mm > 0 && mm < SMALLEST_MM) {
      throw new InvalidValue(field, Text.of("Too small: at least %s.", Measure.mm(SMALLEST_MM)));
    }
    if (!(mm > leastMm && mm <= mostMm)) {
      throw new InvalidValue(
          field,
          Text.of(
              "Enter more than %s and at most %s. This is %s.",
              Measure.mm(leastMm), Measure.mm(mostMm), shownMm(mm)));
    }
    return mm;
  }

  /** A length within the bounds, both included, millimetres. */
  public static double length(String field, double mm, double leastMm, double mostMm) {
    if (!(mm >= leastMm && mm <= mostMm)) {
      throw new InvalidValue(
          field,
          Text.of(
              "Enter %s to %s. This is %s.", Measure.mm(leastMm), Measure.mm(mostMm), shownMm(mm)));
    }
    return mm;
  }

  /** A length from 0 to {@code mostMm}, both included, millimetres. */
  public static double lengthUpTo(String field, double mm, double mostMm) {
    if (!(mm >= 0 && mm <= mostMm)) {
      throw new InvalidValue(
          field, Text.of("Enter 0 to %s. This is %s.", Measure.mm(mostMm), shownMm(mm)));
    }
    return mm;
  }

  /** A temperature within the bounds, both included, °C. */
  public static double temperature(String field, double celsius, double least, double most) {
    if (!(celsius >= least && celsius <= most)) {
      throw new InvalidValue(
          field,
          Text.of(
              "Enter %s to %s. This is %s.",
              Measure.celsius(least),
              Measure.celsius(most),
              Double.isFinite(celsius) ? Measure.celsius(celsius) : "not a number"));
    }
    return celsius;
  }

  /** A plain number within the bounds, both included. */
  public static double number(String field, double value, double least, double most, String unit) {
    if (!(value >= least && value <= most)) {
      throw new InvalidValue(
          field,
          Text.of("Enter %s to %s%s. This is %s.", plain(least), plain(most), unit, plain(value)));
    }
    return value;
  }

  /** A whole number within the bounds, both included. */
  public static int count(String field, int value, int least, int most) {
    number(field, value, least, most, "");
    return value;
  }

  /** Text that is there, not blank and not longer than {@code most} characters. */
  public static String text(String field, @Nullable String value, int most) {
    if (value == null || value.isBlank()) {
      throw new InvalidValue(field, "This cannot be empty.");
    }
    if (value.length() > most) {
      throw new InvalidValue(
          field, Text.of("This can have at most %d characters. It has %d.", most, value.length()));
    }
    return value;
  }

  /** A value that must be there. */
  public static <T> T present(String field, @Nullable T value) {
    if (value == null) {
      throw new InvalidValue(field, "This is missing.");
    }
    return value;
  }

  /** A list copied, its size within the bounds and no item missing. */
  public static <T> List<T> list(String field, @Nullable List<T> items, int least, int most) {
    List<T> there = present(field, items);
    number(field, there.size(), least, most, " items");
    for (int i = 0; i < there.size(); i++) {
      present(field + "/" + i, there.get(i));
    }
    return List.copyOf(there);
  }

  private static String shownMm(double mm) {
    return Double.isFinite(mm) ? Measure.mm(mm) : "not a number";
  }

  private static String plain(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e15
        ? Long.toString((long) value)
        : Double.toString(value);
  }
}
