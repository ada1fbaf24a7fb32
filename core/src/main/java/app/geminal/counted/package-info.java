/**
 * Layers counted on a bar, and what may explain a count that is not the plan's. Entry classes:
 * {@link app.geminal.counted.LayersCounted}, a count as it is kept, and {@link
 * app.geminal.counted.CountDifference}, which changes one thing in the plan at a time, works it
 * through, and keeps the changes that give what was counted.
 *
 * <p>Model: one slip at a time, as they happen at the stack, the grinder and the saw. Two slips
 * that add up are not searched for. No randomness, no clock.
 */
@NullMarked
package app.geminal.counted;

import org.jspecify.annotations.NullMarked;
