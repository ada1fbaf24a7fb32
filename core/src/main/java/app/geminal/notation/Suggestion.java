package app.geminal.notation;

import app.geminal.bar.Bars;
import app.geminal.operation.Operation;
import app.geminal.operation.OperationKinds;
import app.geminal.shop.ShopDefaults;
import java.util.Locale;
import java.util.Optional;

/** A first guess at a step from its name alone, for the bar at hand; meant to be changed. */
public final class Suggestion {
  private Suggestion() {}

  /**
   * The usual step of that name.
   *
   * @param word a step's word in shorthand, alone
   * @param bars what it would be done to
   * @return empty when the word is no step
   */
  public static Optional<Operation> of(String word, Bars bars, ShopDefaults defaults) {
    return OperationKinds.named(word.strip().toLowerCase(Locale.ROOT))
        .map(kind -> kind.guess(bars, defaults));
  }
}
