package app.geminal.validation;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/**
 * Unchangeable copies that keep their order. {@link Map#copyOf} and {@link Set#copyOf} shuffle by a
 * number that is new at every start, so that an order taken from them is another one each time.
 */
public final class OrderedCopies {
  private OrderedCopies() {}

  /** A copy in the map's own order; no null in it. */
  public static <K, V> Map<K, V> copyOf(Map<? extends K, ? extends V> map) {
    Map<K, V> copy = new LinkedHashMap<>();
    map.forEach((key, value) -> copy.put(Require.present("", key), Require.present("", value)));
    return Collections.unmodifiableMap(copy);
  }

  /** A copy in the collection's own order; no null in it. */
  public static <T> Set<T> copyOf(Collection<? extends T> all) {
    Set<T> copy = new LinkedHashSet<>();
    all.forEach(one -> copy.add(Require.present("", one)));
    return Collections.unmodifiableSet(copy);
  }
}
