package app.geminal.notation;

import app.geminal.shop.ShopDefaults;
import app.geminal.text.TypedText;
import app.geminal.units.Lengths;
import app.geminal.units.QuantityKind;
import app.geminal.units.Temperatures;
import app.geminal.units.UnitSystem;
import app.geminal.units.Unreadable;
import app.geminal.validation.InvalidValue;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * Figures and words as they are read and written. Package use only.
 *
 * @param units meant where a figure carries none
 * @param defaults fills in what is left out
 * @param rounded whether figures are written as a smith reads them, else so that they read back
 *     exactly
 */
record Reading(UnitSystem units, ShopDefaults defaults, boolean rounded) {

  double mm(Span text) {
    try {
      return Lengths.parseMm(text.text(), units);
    } catch (Unreadable unreadable) {
      throw text.misread(TypedText.of(unreadable));
    }
  }

  String mm(double value) {
    return rounded ? Lengths.show(value, units) : Lengths.format(value, units);
  }

  String temperature(double celsius) {
    return rounded ? Temperatures.show(celsius, units) : Temperatures.format(celsius, units);
  }

  String mass(double kg) {
    return rounded ? QuantityKind.MASS.format(kg, units) : plain(kg) + " kg";
  }

  static int count(Span text) {
    if (!text.text().matches("\\d{1,7}")) {
      throw text.misread(NotationText.WRITE_WHOLE_NUMBER_HERE.with());
    }
    return Integer.parseInt(text.text());
  }

  static double number(Span text) {
    if (!text.text().matches("\\d{1,12}(\\.\\d{1,20})?|\\.\\d{1,20}")) {
      throw text.misread(NotationText.WRITE_NUMBER_HERE.with());
    }
    return Double.parseDouble(text.text());
  }

  /** A fraction written as 8% or 12.5 %. */
  static double percent(Span text) {
    String figure = text.text().replaceFirst("\\s*%$", "");
    if (figure.equals(text.text()) || !figure.matches("\\d{1,3}(\\.\\d{1,20})?|\\.\\d{1,20}")) {
      throw text.misread(NotationText.WRITE_PERCENTAGE.with());
    }
    return new BigDecimal(figure).movePointLeft(2).doubleValue();
  }

  static String percent(double fraction) {
    return plain(BigDecimal.valueOf(fraction).movePointRight(2)) + "%";
  }

  static String plain(double value) {
    return plain(BigDecimal.valueOf(value));
  }

  private static String plain(BigDecimal value) {
    return value.stripTrailingZeros().toPlainString();
  }

  static String counted(int n, String one) {
    return n + " " + one + (n == 1 ? "" : "s");
  }

  /** One of a few words. */
  static <T> T word(Span text, T[] values, Function<T, String> wordOf) {
    return Arrays.stream(values)
        .filter(v -> wordOf.apply(v).equalsIgnoreCase(text.text()))
        .findFirst()
        .orElseThrow(() ->
            text.misread(
                NotationText.WRITE_ONE_OF.with(
                    "words", Arrays.stream(values).map(wordOf).collect(Collectors.joining(", ")))));
  }

  /** A value that breaks its rule is shown at the words that made it. */
  static <T> T checked(Span where, Supplier<T> make) {
    try {
      return make.get();
    } catch (InvalidValue bad) {
      throw where.misread(bad.words());
    }
  }
}
