package app.geminal.units;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads and writes temperatures: {@code 1180 C}, {@code 2150 F}, {@code 2150°F}, {@code 1180}. */
public final class Temperatures {
  private static final Pattern TEXT =
      Pattern.compile("(-?)(\\d+\\.?\\d*|\\.\\d+)\\s*°?\\s*([cf])?");

  private static final double KELVIN_AT_0_C = 273.15;

  private Temperatures() {}

  /** Kelvin of degrees Celsius, for formulas. */
  public static double kelvin(double celsius) {
    return celsius + KELVIN_AT_0_C;
  }

  /**
   * Reads a temperature.
   *
   * @param text a number with or without C or F
   * @param whenNoUnit the unit meant when none is written: Celsius or Fahrenheit
   * @return degrees Celsius, the {@code double} nearest to what was written
   * @throws Unreadable when the text is no temperature
   */
  public static double parseC(String text, UnitSystem whenNoUnit) {
    Matcher m = TEXT.matcher(text.strip().toLowerCase(Locale.ROOT));
    if (!m.matches()) {
      throw new Unreadable(text.strip(), Unreadable.Why.NOT_A_FIGURE, QuantityKind.TEMPERATURE);
    }
    Ratio value = Ratio.ofDecimal(m.group(1) + m.group(2));
    boolean celsius = m.group(3) == null ? whenNoUnit == UnitSystem.METRIC : m.group(3).equals("c");
    return celsius
        ? value.toDouble()
        : value.plus(Ratio.of(-32, 1)).times(Ratio.of(5, 9)).toDouble();
  }

  /**
   * Writes a temperature with its unit so that it can be read back exactly: whole degrees of the
   * asked system where that is exact, else Celsius.
   */
  public static String format(double celsius, UnitSystem system) {
    String fahrenheit = Math.round(celsius * 9 / 5 + 32) + "F";
    if (system == UnitSystem.INCH && parseC(fahrenheit, system) == celsius) {
      return fahrenheit;
    }
    return BigDecimal.valueOf(celsius).stripTrailingZeros().toPlainString() + "C";
  }

  /**
   * A temperature as a smith reads it, whole degrees with their letter. {@link #format} writes what
   * reads back exactly.
   *
   * @param celsius °C
   */
  public static String show(double celsius, UnitSystem system) {
    return system == UnitSystem.INCH
        ? Math.round(celsius * 9 / 5 + 32) + "F"
        : Math.round(celsius) + "C";
  }
}
