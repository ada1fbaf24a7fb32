package app.geminal.text;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/**
 * Names a text of a catalogue. Implemented by enums, one for each package that speaks: the constant
 * {@code BRUSH_FACES} of the section {@code heat} is {@code heat.brush-faces} in the file.
 */
public interface MessageKey {

  /** The constant's name. */
  String name();

  /** First part of the key. */
  String section();

  /** The catalogue it is in. */
  default String catalogue() {
    return Catalogue.CORE;
  }

  /** The key in the file. */
  default String key() {
    return section() + "." + name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /**
   * The message with its figures.
   *
   * @param namesAndFigures a name, then its figure, and so on; a figure is a {@link
   *     app.geminal.units.Quantity}, a whole number, a name that is not translated, an enum
   *     constant to choose by, a message, or a list of these
   */
  default Message with(Object... namesAndFigures) {
    return new Message(catalogue(), key(), figures(namesAndFigures));
  }

  /** Figures by name, in the order they are given. */
  static Map<String, Object> figures(Object... namesAndFigures) {
    Map<String, Object> figures = new LinkedHashMap<>();
    for (int i = 0; i < namesAndFigures.length; i += 2) {
      figures.put((String) namesAndFigures[i], namesAndFigures[i + 1]);
    }
    return figures;
  }
}
