/**
 * The material balance. Entry class: {@link app.geminal.ledger.Amount}, volumes by steel, which add
 * up; {@link app.geminal.ledger.Loss} is an amount and the reason it is gone.
 *
 * <p>Cold dimensions throughout. Volume is conserved: what was started with is what is finished
 * plus every loss.
 */
@NullMarked
package app.geminal.ledger;

import org.jspecify.annotations.NullMarked;
