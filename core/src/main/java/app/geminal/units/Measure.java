package app.geminal.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Figures inside sentences. A sentence that is sent has {@code [[mm 38.1]]} or {@code [[C 1180]]};
 * the person who shows it replaces the mark by the figure in the reader's unit.
 */
public final class Measure {
  private static final Pattern MARK = Pattern.compile("\\[\\[([a-zA-Z0-9/-]+) (-?[0-9.]+)]]");
  private static final int DIGITS = 4;

  private Measure() {}

  /** A length mark, millimetres to 0.0001. */
  public static String mm(double value) {
    return mark(Quantity.mm(value));
  }

  /** A temperature mark, degrees Celsius to 0.0001. */
  public static String celsius(double value) {
    return mark(Quantity.celsius(value));
  }

  /** A mark for a difference of temperatures, degrees Celsius to 0.0001. */
  public static String degrees(double value) {
    return mark(Quantity.degrees(value));
  }

  /** The mark of a quantity, to 0.0001 of its stored unit. */
  public static String mark(Quantity quantity) {
    return "[["
        + quantity.kind().mark()
        + " "
        + BigDecimal.valueOf(quantity.value())
            .setScale(DIGITS, RoundingMode.HALF_EVEN)
            .stripTrailingZeros()
            .toPlainString()
        + "]]";
  }

  /** Replaces every mark by what is made of its quantity. */
  public static String render(String sentence, Function<Quantity, String> show) {
    return MARK.matcher(sentence)
        .replaceAll(m ->
            Matcher.quoteReplacement(
                QuantityKind.ofMark(m.group(1))
                    .map(kind -> show.apply(new Quantity(kind, Double.parseDouble(m.group(2)))))
                    .orElse(m.group())));
  }

  /** A sentence with its figures in a reader's units. */
  public static String read(String sentence, Units units) {
    return render(sentence, q -> q.format(units));
  }
}
