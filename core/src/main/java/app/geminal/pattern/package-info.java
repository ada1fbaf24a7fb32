/**
 * What the steel will look like. Entry classes: {@link app.geminal.pattern.Field}, which steel is
 * where in the bars of a stage; {@link app.geminal.pattern.Painter}, a picture of it; {@link
 * app.geminal.pattern.ScanLine}, what a line across it crosses.
 *
 * <p>Model: every step of a plan is a map that has an inverse, so the steel at a point is found by
 * walking back through the history to the stack. There is no mesh and nothing is lost at any
 * magnification. Where a map departs from what steel does, its class says how and by how much: the
 * square forged round ({@code SquareDiscMap}), a strip rolled up ({@code Roll}), layers bowed on
 * edge ({@code BowedLayers}), hollows forged flat ({@code FilledHollows}), uneven forging ({@code
 * SurfaceNoise}). Welds are sound, voids are closed, decarburised skins and what carbon does
 * between layers do not show. No clock; randomness only from a step's own seed.
 */
@NullMarked
package app.geminal.pattern;

import org.jspecify.annotations.NullMarked;
