package app.geminal.operation;

import app.geminal.bar.Bars;

/**
 * One kind of step. A new kind is a new record here, and the compiler names every place to mend.
 */
public sealed interface Operation permits SetWeld, Draw, Trim, Grind, Cut, Restack, Fold {

  /**
   * What becomes of the bars.
   *
   * @param bars as they are before the step
   * @param practice the shop's habits, for what the step itself does not say
   */
  Outcome applyTo(Bars bars, Practice practice);
}
