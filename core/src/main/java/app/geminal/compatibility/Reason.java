package app.geminal.compatibility;

import app.geminal.text.Message;
import app.geminal.text.MessageKey;
import app.geminal.text.Topic;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One thing found about steels in one bar.
 *
 * @param kind what was found
 * @param weight how much it weighs
 * @param safety whether people can be hurt
 * @param steels short names of the steels it speaks of
 * @param figures what its texts say, by name
 */
public record Reason(
    ReasonKind kind,
    ReasonWeight weight,
    boolean safety,
    List<String> steels,
    Map<String, Object> figures) {

  /** Copies both. */
  public Reason {
    steels = List.copyOf(steels);
    figures = Collections.unmodifiableMap(new LinkedHashMap<>(figures));
  }

  /** The steels are among the figures, as {@code steels}; their number is {@code count}. */
  static Reason of(
      ReasonKind kind, ReasonWeight weight, List<String> steels, Object... namesAndFigures) {
    Map<String, Object> figures = MessageKey.figures(namesAndFigures);
    figures.putIfAbsent("steels", steels);
    return new Reason(kind, weight, false, steels, figures);
  }

  /** The same, as something that can hurt people. */
  Reason forSafety() {
    return new Reason(kind, weight, true, steels, figures);
  }

  /** Whether it is about how copper is joined. */
  public boolean isCopper() {
    return kind == ReasonKind.COPPER_BETWEEN
        || kind == ReasonKind.COPPER_NOT_BETWEEN
        || kind == ReasonKind.COPPER_MOLTEN;
  }

  /** The matter's name in the interface, stable across releases. */
  public String family() {
    return kind.family();
  }

  /** The matter, in a few words. */
  public Message what() {
    return kind.text(Topic.Part.WHAT, figures);
  }

  /** Figure, limit and reason. */
  public Message why() {
    return kind.text(Topic.Part.WHY, figures);
  }

  /** What to do. */
  public Message action() {
    return kind.text(Topic.Part.ACTION, figures);
  }
}
