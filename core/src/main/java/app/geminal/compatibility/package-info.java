/**
 * Whether steels go together. Entry class: {@link app.geminal.compatibility.Pairing}, which answers
 * a {@link app.geminal.compatibility.SteelQuestion} with a {@link
 * app.geminal.compatibility.Verdict}.
 *
 * <p>Order: stops, conditions, score. A high score never hides a stop. What is judged is what can
 * be read from the steels' figures; hardenability, grain and the smith's hand are not in it.
 * Weights are craft judgement and stand in one place, {@link app.geminal.compatibility.Score}.
 */
@NullMarked
package app.geminal.compatibility;

import org.jspecify.annotations.NullMarked;
