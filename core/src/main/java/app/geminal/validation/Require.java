package app.geminal.validation;

import app.geminal.units.Quantity;
import app.geminal.units.QuantityKind;
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
      throw new InvalidValue(
          field, ValidationText.TOO_SMALL.with("least", Quantity.mm(SMALLEST_MM)));
    }
    if (!(mm > leastMm && mm <= mostMm)) {
      throw new InvalidValue(
          field,
          ValidationText.MORE_THAN_AT_MOST.with(
              "least", Quantity.mm(leastMm), "most", Quantity.mm(mostMm), "given", given(mm)));
    }
    return mm;
  }

  /** A length within the bounds, both included, millimetres. */
  public static double length(String field, double mm, double leastMm, double mostMm) {
    return quantity(QuantityKind.LENGTH, field, mm, leastMm, mostMm);
  }

  /** A length from 0 to {@code mostMm}, both included, millimetres. */
  public static double lengthUpTo(String field, double mm, double mostMm) {
    if (!(mm >= 0 && mm <= mostMm)) {
      throw new InvalidValue(
          field,
          ValidationText.BETWEEN.with("least", 0, "most", Quantity.mm(mostMm), "given", given(mm)));
    }
    return mm;
  }

  /** A temperature within the bounds, both included, °C. */
  public static double temperature(String field, double celsius, double least, double most) {
    return quantity(QuantityKind.TEMPERATURE, field, celsius, least, most);
  }

  /** A plain number within the bounds, both included. */
  public static double number(String field, double value, double least, double most) {
    return number(field, value, least, most, ValidationText.BETWEEN);
  }

  private static double number(
      String field, double value, double least, double most, ValidationText why) {
    if (!(value >= least && value <= most)) {
      throw new InvalidValue(
          field, why.with("least", plain(least), "most", plain(most), "given", plain(value)));
    }
    return value;
  }

  /** A quantity in its stored unit within the bounds, both included. */
  public static double quantity(
      QuantityKind kind, String field, double value, double least, double most) {
    return scaled(kind, 1, field, value, least, most);
  }

  /** A time within the bounds, both included, minutes. */
  public static double minutes(String field, double value, double least, double most) {
    return scaled(QuantityKind.TIME, 60, field, value, least, most);
  }

  /** A share within the bounds, both included, per cent. */
  public static double percent(String field, double value, double least, double most) {
    return scaled(QuantityKind.SHARE, 0.01, field, value, least, most);
  }

  private static double scaled(
      QuantityKind kind, double scale, String field, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      throw new InvalidValue(
          field,
          ValidationText.BETWEEN.with(
              "least",
              new Quantity(kind, least * scale),
              "most",
              new Quantity(kind, most * scale),
              "given",
              Double.isFinite(value)
                  ? new Quantity(kind, value * scale)
                  : ValidationText.NOT_A_NUMBER.with()));
    }
    return value;
  }

  /** A whole number within the bounds, both included. */
  public static int count(String field, int value, int least, int most) {
    number(field, value, least, most);
    return value;
  }

  /** Text that is there, not blank and not longer than {@code most} characters. */
  public static String text(String field, @Nullable String value, int most) {
    if (value == null || value.isBlank()) {
      throw new InvalidValue(field, ValidationText.EMPTY.with());
    }
    if (value.length() > most) {
      throw new InvalidValue(
          field, ValidationText.TOO_LONG.with("most", most, "has", value.length()));
    }
    return value;
  }

  /** A value that must be there. */
  public static <T> T present(String field, @Nullable T value) {
    if (value == null) {
      throw InvalidValue.missing(field);
    }
    return value;
  }

  /** Free words, at most so many characters; empty where nothing was said. */
  public static String note(@Nullable String words, int most) {
    return words == null || words.isEmpty() ? "" : text("note", words, most);
  }

  /** A list copied, its size within the bounds and no item missing. */
  public static <T> List<T> list(String field, @Nullable List<T> items, int least, int most) {
    List<T> there = present(field, items);
    number(field, there.size(), least, most, ValidationText.ITEMS);
    for (int i = 0; i < there.size(); i++) {
      present(field + "/" + i, there.get(i));
    }
    return List.copyOf(there);
  }

  private static Object given(double mm) {
    return Double.isFinite(mm) ? Quantity.mm(mm) : ValidationText.NOT_A_NUMBER.with();
  }

  private static String plain(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e15
        ? Long.toString((long) value)
        : Double.toString(value);
  }
}
