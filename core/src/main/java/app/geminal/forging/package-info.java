/**
 * What it takes to move hot steel. Entry classes: {@link app.geminal.forging.Force} for the press,
 * {@link app.geminal.forging.Spread} for what the height becomes, {@link
 * app.geminal.forging.StopLadder} for drawing down in even steps.
 */
@NullMarked
package app.geminal.forging;

import org.jspecify.annotations.NullMarked;
