/**
 * What a photograph says of a bar. Entry class: {@link app.geminal.vision.LayerCounter}, which
 * counts the layers along a line; {@link app.geminal.vision.EndFinder} finds that line where none
 * is drawn.
 *
 * <p>Model: layers are stripes that run nearly straight for some of their own thickness, each of
 * one tone; light changes slowly over the picture. Places are pixels of the upright picture, x to
 * the right and y down, the middle of the first pixel at 0.5, 0.5. No clock, no randomness: one
 * picture always gives one answer.
 */
@NullMarked
package app.geminal.vision;

import org.jspecify.annotations.NullMarked;
