/**
 * Flaws: where they are in the bar, and where the steel with them in it has gone since. Entry
 * classes: {@link app.geminal.flaw.Flaw}, what was found; {@link app.geminal.flaw.FlawTracker},
 * where it is at every later stage of a Run; {@link app.geminal.flaw.LatestJoints}, where the
 * joints of a stage lie, so that one of them can be pointed at.
 *
 * <p>Model: a flaw is a box in one bar. Straight work (set, draw, trim, grind, cut, restack, fold,
 * tiles) carries it exactly, by the changes of shape that the field follows backwards. Work that
 * turns or bends the section (twist, corners, rolling up, grooves) carries its place along the bar,
 * and across the bar it may then be anywhere.
 */
@NullMarked
package app.geminal.flaw;

import org.jspecify.annotations.NullMarked;
