package app.geminal.text;

import java.util.Locale;
import java.util.Map;

/**
 * Something a check can find, with its texts in the catalogue: {@code what} is the matter, {@code
 * why} gives figure, limit and reason, {@code action} says what to do, and {@code remedy} labels
 * the edit that does it, where there is one. Implemented by enums.
 */
public interface Topic {

  /** The constant's name. */
  String name();

  /** First part of its keys. */
  String section();

  /**
   * Its name in the interface, stable across releases. Topics of one family are the same matter in
   * different circumstances and are dismissed together.
   */
  String family();

  /** One of its texts. */
  enum Part {
    WHAT,
    WHY,
    ACTION,
    REMEDY
  }

  /** The key of one of its texts. */
  default String key(Part part) {
    return (section() + "." + name() + "." + part.name())
        .toLowerCase(Locale.ROOT)
        .replace('_', '-');
  }

  /** What a family is called, where there is no one case to speak of. */
  static Message nameOf(String family) {
    return new Message(Catalogue.CORE, "word.finding." + family, Map.of());
  }

  /** One of its texts, with the figures of this case. */
  default Message text(Part part, Map<String, Object> figures) {
    return new Message(Catalogue.CORE, key(part), figures);
  }
}
