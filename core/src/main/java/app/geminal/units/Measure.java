package app.geminal.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.function.BiFunction;
import java.util.regex.Pattern;

/**
 * Figures inside sentences. The core writes {@code [[mm 38.1]]} or {@code [[C 1180]]}; whoever
 * shows the sentence replaces the mark by the figure in the reader's unit. So a finding is worded
 * once and still reads natively in inches.
 */
public final class Measure {
  private static final Pattern MARK = Pattern.compile("\\[\\[(mm|C|dC) (-?[0-9.]+)]]");
  private static final int DIGITS = 4;

  private Measure() {}

  /** A length mark, millimetres to 0.0001. */
  public static String mm(double value) {
    return mark("mm", value);
  }

  /** A temperature mark, degrees Celsius to 0.0001. */
  public static String celsius(double value) {
    return mark("C", value);
  }

  /** A difference of temperatures, degrees Celsius to 0.0001. */
  public static String degrees(double value) {
    return mark("dC", value);
  }

  /**
   * Replaces every mark.
   *
   * @param show gets the unit of the mark, {@code mm}, {@code C} or {@code dC} (a difference), and
   *     its value
   */
  public static String render(String sentence, BiFunction<String, Double, String> show) {
    return MARK.matcher(sentence)
        .replaceAll(m ->
            java.util.regex.Matcher.quoteReplacement(
                show.apply(m.group(1), Double.valueOf(m.group(2)))));
  }

  private static String mark(String unit, double value) {
    return "[["
        + unit
        + " "
        + BigDecimal.valueOf(value)
            .setScale(DIGITS, RoundingMode.HALF_EVEN)
            .stripTrailingZeros()
            .toPlainString()
        + "]]";
  }
}
