/**
 * What the steel will look like. Entry classes: {@link app.geminal.pattern.Field}, which steel is
 * where in the bars of a stage; {@link app.geminal.pattern.Painter}, a picture of it; {@link
 * app.geminal.pattern.ScanLine}, what a line across it crosses.
 *
 * <p>Model: every change of shape has an inverse, so the steel at a point is found by walking back
 * through the history to the stack. There is no mesh and nothing is lost at any magnification. The
 * changes are those of {@link app.geminal.geometry}, whose classes say how far each departs from
 * what steel does. Welds are sound, voids are closed, decarburised skins and what carbon does
 * between layers do not show. No clock.
 */
@NullMarked
package app.geminal.pattern;

import org.jspecify.annotations.NullMarked;
