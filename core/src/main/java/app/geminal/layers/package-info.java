/**
 * The layers of a bar through its height, bottom to top. Entry class: {@link
 * app.geminal.layers.LayerSequence}.
 *
 * <p>A sequence is kept compressed, as repeated blocks, their turned copies and seams, so that a
 * million layers cost no more than a dozen objects. Neighbouring bands of one steel are one visible
 * layer, wherever they came from: two pieces laid together, or two faces that met at a restack.
 * Layers are taken as flat, parallel and even; what forging does to them is the field's business.
 */
@NullMarked
package app.geminal.layers;

import org.jspecify.annotations.NullMarked;
