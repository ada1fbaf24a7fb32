/**
 * Whether steels go together. Entry class: {@link app.geminal.pair.Pairing}, which answers a {@link
 * app.geminal.pair.Question} with a {@link app.geminal.pair.Verdict}.
 *
 * <p>Order: stops, conditions, score. A high score never hides a stop. What is judged is what can
 * be read from the steels' figures; hardenability, grain and the smith's hand are not in it.
 * Weights are craft judgement and stand in one place, {@link app.geminal.pair.Score}.
 */
@NullMarked
package app.geminal.pair;

import org.jspecify.annotations.NullMarked;
