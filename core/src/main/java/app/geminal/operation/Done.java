package app.geminal.operation;

import app.geminal.bar.Bars;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import java.util.List;

/**
 * The step can be done.
 *
 * @param bars as they are after it
 * @param losses steel that left
 * @param added steel that came in, such as sheets laid between
 * @param joints new joints in each resulting bar
 */
public record Done(Bars bars, List<Loss> losses, Amount added, int joints) implements Outcome {

  static Done of(Bars bars, Loss... losses) {
    return new Done(bars, List.of(losses), Amount.NONE, 0);
  }
}
