package app.geminal.text;

import app.geminal.units.Quantity;
import app.geminal.units.Units;
import java.math.BigDecimal;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/**
 * Something to say: which text, and its figures. It has no language and no units until someone
 * reads it.
 *
 * @param catalogue the file its text is in
 * @param key of the text; {@link #WRITTEN} where the words themselves were kept
 * @param figures by the names the text has for them
 */
public record Message(String catalogue, String key, Map<String, Object> figures) {
  /** Key of words that were stored as words, by releases that did so. */
  public static final String WRITTEN = "written";

  /**
   * Keeps the figures as what can be stored and read back equal: quantities, whole and decimal
   * numbers, names, messages, and lists of these. A constant to choose by is its name.
   */
  public Message {
    Map<String, Object> plain = new LinkedHashMap<>();
    figures.forEach((name, figure) -> plain.put(name, plain(figure)));
    figures = Collections.unmodifiableMap(plain);
  }

  private static Object plain(Object figure) {
    return switch (figure) {
      case Quantity quantity -> quantity;
      case Message message -> message;
      case Long whole -> whole;
      case Integer whole -> whole.longValue();
      case BigDecimal decimal -> decimal;
      case Number number -> BigDecimal.valueOf(number.doubleValue());
      case Enum<?> choice -> choice.name();
      case Collection<?> many -> many.stream().map(Message::plain).toList();
      default -> figure.toString();
    };
  }

  /** Words as they stand, with measure marks perhaps. */
  public static Message written(String words) {
    return new Message(Catalogue.CORE, WRITTEN, Map.of("words", words));
  }

  /** The word for a constant, as it is said in a sentence: {@code word.quench.slow-oil}. */
  public static Message word(Enum<?> constant) {
    String type =
        constant.getDeclaringClass().getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-");
    return new Message(
        Catalogue.CORE,
        ("word." + type + "." + constant.name()).toLowerCase(Locale.ROOT).replace('_', '-'),
        Map.of());
  }

  /** In English, figures as marks; what the interface sends. */
  public String marked() {
    return Catalogue.of(Locale.ENGLISH).marked(this);
  }

  /** In English, for a reader of these units. */
  public String read(Units units) {
    return Catalogue.of(Locale.ENGLISH).read(this, units);
  }

  /** In English and metric units, for logs and tests. */
  @Override
  public String toString() {
    return read(Units.METRIC);
  }
}
