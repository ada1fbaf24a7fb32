/**
 * What can be done to bars, as geometry. Entry class: {@link app.geminal.geometry.ShapeChange}, one
 * change known both ways: where steel of the bars before is afterwards, and where a point of the
 * result was before. A step of a plan is a few of these, one after the other.
 *
 * <p>Model: every change has an inverse, and keeps volume but for what it takes off. Where one
 * departs from what steel does, its class says how and by how much: the square forged round ({@code
 * SquareDiscMap}), a strip rolled up ({@code RolledStrip}), layers bowed on edge ({@code
 * BowedLayers}), hollows forged flat ({@code FilledHollows}), uneven forging ({@code
 * SurfaceNoise}). x runs along the bar from the bench stop, y across from the left edge, z up from
 * the underside, mm, voids closed. No clock; randomness only from a change's own seed.
 */
@NullMarked
package app.geminal.geometry;

import org.jspecify.annotations.NullMarked;
