package app.geminal.billet;

import app.geminal.bar.Bars;
import app.geminal.ledger.Amount;
import app.geminal.ledger.Loss;
import java.util.List;
import java.util.Optional;

/**
 * The steel after one step.
 *
 * @param step what was done, empty for the stack itself
 * @param bars what lies on the bench now
 * @param added steel that came in with this step
 * @param losses steel that left in this step
 * @param joints new joints in each bar
 * @param merged how many visible layers each bar has fewer because touching faces are of one steel
 * @param gone how many whole visible layers fire or grinding took off each bar
 */
public record Stage(
    Optional<Step> step,
    Bars bars,
    Amount added,
    List<Loss> losses,
    int joints,
    long merged,
    long gone) {

  /** Visible layers of each bar. */
  public long visibleCount() {
    return bars.layers().visibleCount();
  }
}
