/**
 * A billet is a history: a stack and what is done to it. Entry class: {@link
 * app.geminal.billet.Run}, which evaluates a {@link app.geminal.billet.Plan} step by step.
 *
 * <p>Model: one stack, steps in order, all bars of a cut treated alike. Deterministic; no clock, no
 * randomness.
 */
@NullMarked
package app.geminal.billet;

import org.jspecify.annotations.NullMarked;
