package app.geminal.text;

import app.geminal.units.Measure;
import app.geminal.units.Quantity;
import app.geminal.units.Units;
import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import java.util.Collection;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.ResourceBundle;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;

/** Every text in one language. */
public final class Catalogue {
  /** The core's file. */
  public static final String CORE = "app.geminal.text.core";

  private static final Map<Locale, Catalogue> BY_LANGUAGE = new ConcurrentHashMap<>();

  /** Falls back on English, never on the language of the machine. */
  private static final ResourceBundle.Control FILES =
      ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES);

  private final Locale language;
  private final Map<String, Text> texts = new ConcurrentHashMap<>();

  private Catalogue(Locale language) {
    this.language = language;
  }

  /**
   * The texts of a language. Where there is no file for it both words and figures are English, so
   * that the two are never mixed.
   */
  public static Catalogue of(Locale language) {
    return BY_LANGUAGE.computeIfAbsent(spoken(language), Catalogue::new);
  }

  /** The language of the file that would be read, of which there are few. */
  private static Locale spoken(Locale language) {
    if (language.equals(Locale.ENGLISH) || language.equals(MadeUp.LANGUAGE)) {
      return language;
    }
    Locale found = ResourceBundle.getBundle(CORE, language, FILES).getLocale();
    return found.equals(Locale.ROOT) ? Locale.ENGLISH : found;
  }

  /** The message with its figures as marks, for the person who knows the reader's units later. */
  public String marked(Message message) {
    return say(message, q -> q.kind().dependsOnReader() ? Measure.mark(q) : q.format(Units.METRIC));
  }

  /** The message as it is read. */
  public String read(Message message, Units units) {
    return say(message, q -> q.format(units));
  }

  private String say(Message message, Function<Quantity, String> show) {
    if (message.key().equals(Message.WRITTEN)) {
      return Measure.render(String.valueOf(message.figures().get("words")), show);
    }
    Map<String, Object> shown = new HashMap<>();
    message.figures().forEach((name, figure) -> shown.put(name, shown(figure, show)));
    Text text = text(message.catalogue(), message.key());
    for (String name : text.format().getArgumentNames()) {
      if (!shown.containsKey(name)) {
        throw new IllegalStateException(message.key() + " wants " + name);
      }
    }
    String said = text.format().clone().format(shown);
    return text.hasExamples() ? Measure.render(said, show) : said;
  }

  private Object shown(Object figure, Function<Quantity, String> show) {
    return switch (figure) {
      case Quantity quantity -> show.apply(quantity);
      case Message message -> say(message, show);
      case Collection<?> many ->
          ListFormatter.getInstance(language)
              .format(many.stream().map(o -> shown(o, show)).toList());
      default -> figure;
    };
  }

  private Text text(String catalogue, String key) {
    return texts.computeIfAbsent(
        catalogue + "/" + key,
        _ -> {
          String pattern = ResourceBundle.getBundle(catalogue, language, FILES).getString(key);
          return new Text(
              new MessageFormat(
                  language.equals(MadeUp.LANGUAGE) ? MadeUp.pattern(pattern) : pattern, language),
              pattern.contains("[["));
        });
  }

  /**
   * A text of the file.
   *
   * @param hasExamples whether marks of quantities are in the text itself: examples to type
   */
  private record Text(MessageFormat format, boolean hasExamples) {}
}
