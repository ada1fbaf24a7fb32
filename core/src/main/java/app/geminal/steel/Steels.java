package app.geminal.steel;

import app.geminal.validation.InvalidValue;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The steels at hand, found by their short designation. */
public final class Steels {
  private final Map<String, Steel> byId;

  private Steels(Map<String, Steel> byId) {
    this.byId = byId;
  }

  /** Keeps the given order. */
  public static Steels of(Collection<Steel> steels) {
    Map<String, Steel> byId = new LinkedHashMap<>();
    steels.forEach(s -> byId.put(s.id(), s));
    return new Steels(byId);
  }

  /** The steel of that designation, empty when the shop does not know it. */
  public Optional<Steel> find(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /**
   * The steel of that designation.
   *
   * @throws InvalidValue when the shop does not know it
   */
  public Steel get(String id) {
    return find(id)
        .orElseThrow(() -> new InvalidValue("steel", SteelText.UNKNOWN_STEEL.with("steel", id)));
  }

  /** All of them, in their given order. */
  public List<Steel> all() {
    return List.copyOf(byId.values());
  }
}
