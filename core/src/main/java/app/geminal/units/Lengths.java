package app.geminal.units;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads and writes lengths as smiths do: {@code 1 1/2}, {@code 3/32}, {@code .049 in}, {@code 38
 * mm}.
 *
 * <p>{@link #format} writes text that {@link #parseMm} reads back to the very same {@code double}.
 */
public final class Lengths {
  private static final Ratio MM_PER_INCH = Ratio.of(254, 10);
  private static final Pattern TEXT =
      Pattern.compile(
          "(?<minus>-)?(?:(?<whole>\\d+)[ -]+)??(?:(?<top>\\d+)/(?<bottom>\\d+)|(?<decimal>\\d+\\.?\\d*|\\.\\d+))"
              + "\\s*(?<unit>mm|cm|m|in(?:ch(?:es)?)?\\.?|\"|”|″)?");
  private static final int FINEST_FRACTION = 64;

  private Lengths() {}

  /**
   * Reads a length.
   *
   * @param text a whole number, a decimal, a fraction or a whole number and a fraction, with or
   *     without mm, cm, m, in, inch or an inch mark
   * @param whenNoUnit the unit meant when none is written: millimetres or inches; a fraction
   *     without a unit is always inches, since no one divides millimetres that way
   * @return millimetres, the {@code double} nearest to what was written
   * @throws Unreadable when the text is no length
   */
  public static double parseMm(String text, UnitSystem whenNoUnit) {
    Matcher m = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
    if (!m.matches() || (m.group("whole") != null && m.group("decimal") != null)) {
      throw new Unreadable(text.strip(), Unreadable.Why.NOT_A_FIGURE, QuantityKind.LENGTH);
    }
    Ratio value;
    if (m.group("decimal") != null) {
      value = Ratio.ofDecimal(m.group("decimal"));
    } else {
      long bottom = number(m.group("bottom"), text);
      if (bottom == 0) {
        throw new Unreadable(
            text.strip(), Unreadable.Why.NOTHING_BELOW_THE_LINE, QuantityKind.LENGTH);
      }
      value = Ratio.of(number(m.group("top"), text), bottom);
      if (m.group("whole") != null) {
        value = value.plus(Ratio.of(number(m.group("whole"), text), 1));
      }
    }
    UnitSystem meant = m.group("bottom") == null ? whenNoUnit : UnitSystem.INCH;
    double mm = value.times(perUnit(m.group("unit"), meant)).toDouble();
    return m.group("minus") == null ? mm : -mm;
  }

  /**
   * Writes a length so that it can be read back exactly: a fraction to 1/64 or a decimal of at most
   * four places in inches where that is exact, else millimetres with their unit.
   *
   * @param mm finite, not negative
   */
  public static String format(double mm, UnitSystem system) {
    if (system == UnitSystem.METRIC) {
      return plain(mm);
    }
    for (int under = 1; under <= FINEST_FRACTION; under *= 2) {
      long over = Math.round(mm / 25.4 * under);
      String text = mixed(over, under);
      if (over > 0 && parseMm(text, UnitSystem.INCH) == mm) {
        return text;
      }
    }
    BigDecimal inches =
        BigDecimal.valueOf(mm).divide(BigDecimal.valueOf(25.4), new MathContext(20));
    String decimal =
        inches.setScale(4, RoundingMode.HALF_EVEN).stripTrailingZeros().toPlainString();
    return parseMm(decimal, UnitSystem.INCH) == mm ? decimal : plain(mm) + "mm";
  }

  /**
   * A length as a smith reads it, without a unit: exact where the reader's own units hold it in a
   * fraction to 1/64 or a few decimals, else rounded to 0.01 mm (0.001 mm below 1 mm) or 0.001 in
   * (0.0001 in below 0.1 in). {@link #format} writes what reads back exactly.
   *
   * @param mm a length, mm, 0 or more
   */
  public static String show(double mm, UnitSystem system) {
    if (system == UnitSystem.METRIC) {
      return rounded(BigDecimal.valueOf(mm), mm < 1 ? 3 : 2);
    }
    String exact = format(mm, system);
    if (!exact.endsWith("mm")) {
      return exact;
    }
    BigDecimal inches =
        BigDecimal.valueOf(mm).divide(BigDecimal.valueOf(25.4), new MathContext(20));
    String decimal = rounded(inches, mm < 2.54 ? 4 : 3);
    // 0.125 is written 1/8, so that what was rounded reads back to the same words.
    String again = format(parseMm(decimal, system), system);
    return again.endsWith("mm") ? decimal : again;
  }

  /** Rounded to some decimals, and never to nothing. */
  private static String rounded(BigDecimal value, int decimals) {
    BigDecimal rounded = value.setScale(decimals, RoundingMode.HALF_UP);
    return (rounded.signum() == 0 ? value.round(new MathContext(2)) : rounded)
        .stripTrailingZeros()
        .toPlainString();
  }

  /** Inches to the nearest 1/64 as a fraction, for reading; not to be read back. */
  public static String nearestFraction(double mm) {
    long over = Math.round(mm / 25.4 * FINEST_FRACTION);
    int under = FINEST_FRACTION;
    while (over % 2 == 0 && under > 1) {
      over /= 2;
      under /= 2;
    }
    return mixed(over, under);
  }

  private static String mixed(long over, int under) {
    long whole = over / under;
    long rest = over % under;
    if (rest == 0) {
      return Long.toString(whole);
    }
    return (whole == 0 ? "" : whole + " ") + rest + "/" + under;
  }

  private static Ratio perUnit(
      @org.jspecify.annotations.Nullable String unit, UnitSystem whenNoUnit) {
    if (unit == null) {
      return whenNoUnit == UnitSystem.METRIC ? Ratio.of(1, 1) : MM_PER_INCH;
    }
    return switch (unit) {
      case "mm" -> Ratio.of(1, 1);
      case "cm" -> Ratio.of(10, 1);
      case "m" -> Ratio.of(1000, 1);
      default -> MM_PER_INCH;
    };
  }

  private static long number(String digits, String text) {
    if (digits.length() > 9) {
      throw new Unreadable(text.strip(), Unreadable.Why.NOT_A_FIGURE, QuantityKind.LENGTH);
    }
    return Long.parseLong(digits);
  }

  private static String plain(double value) {
    return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
  }
}
