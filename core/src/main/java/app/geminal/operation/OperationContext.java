package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.shop.ShopDefaults;
import app.geminal.validation.OrderedCopies;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What a step can reach beside the bars themselves.
 *
 * @param defaults the shop's habits
 * @param parts bars made as parts of their own and not used yet, by the part's name
 */
public record OperationContext(ShopDefaults defaults, Map<String, Bars> parts) {

  /** Copies the map. */
  public OperationContext {
    parts = OrderedCopies.copyOf(parts);
  }

  /** No parts. */
  public static OperationContext of(ShopDefaults defaults) {
    return new OperationContext(defaults, Map.of());
  }

  /** The bars left of a part, empty when there is no such part. */
  public Optional<Bars> part(String name) {
    return Optional.ofNullable(parts.get(name));
  }

  /** The bench after so many bars of parts were used. */
  public OperationContext without(Map<String, Integer> taken) {
    if (taken.isEmpty()) {
      return this;
    }
    Map<String, Bars> left = new TreeMap<>(parts);
    taken.forEach((name, n) -> left.computeIfPresent(name, (_, b) -> b.times(b.count() - n)));
    return new OperationContext(defaults, left);
  }
}
