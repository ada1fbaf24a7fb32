package app.geminal.operation;

import app.geminal.shop.ShopDefaults;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What a field of a step is where nothing is said of it. */
@FunctionalInterface
public interface Usual {
  /**
   * Its value.
   *
   * @param said what is said of the step's other fields, by their names
   * @return empty where it must be said
   */
  Value of(ShopDefaults shop, Map<String, @Nullable Object> said);

  /**
   * A value, which may be null, or that there is none.
   *
   * @param isThere whether there is one
   */
  record Value(boolean isThere, @Nullable Object is) {
    static final Value MUST_BE_SAID = new Value(false, null);

    static Value of(@Nullable Object is) {
      return new Value(true, is);
    }
  }
}
