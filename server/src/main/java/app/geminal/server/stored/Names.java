package app.geminal.server.stored;

import app.geminal.validation.InvalidValue;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;

/**
 * Stored names of a few things. They are the names of the constants as they were when the first of
 * them was stored; a constant that is named again keeps its stored name with {@link #stored}.
 */
public final class Names<E extends Enum<E>> {
  private final Map<E, String> names;
  private final Map<String, E> things = new HashMap<>();

  private Names(Class<E> type) {
    names = new EnumMap<>(type);
    for (E thing : type.getEnumConstants()) {
      put(thing, thing.name());
    }
  }

  /** By the names of their constants. */
  public static <E extends Enum<E>> Names<E> of(Class<E> type) {
    return new Names<>(type);
  }

  /** The same, one of them under another name. */
  public Names<E> stored(E thing, String name) {
    things.remove(of(thing));
    put(thing, name);
    return this;
  }

  private void put(E thing, String name) {
    names.put(thing, name);
    things.put(name, thing);
  }

  /** How it is stored. */
  String of(E thing) {
    return Objects.requireNonNull(names.get(thing));
  }

  /** What is stored under this name. */
  E read(String field, String name) {
    E thing = things.get(name);
    if (thing == null) {
      throw new InvalidValue(field, StoredText.UNKNOWN_NAME.with("name", name));
    }
    return thing;
  }
}
