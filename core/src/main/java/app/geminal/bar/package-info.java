/**
 * The steel on the bench at one stage. Entry class: {@link app.geminal.bar.Bars}: one bar, or
 * several equal ones after a cut; {@link app.geminal.bar.Section} is what their ends show. Bars are
 * taken as even along their length; a round or a blade is a box and the share of it that is steel.
 */
@NullMarked
package app.geminal.bar;

import org.jspecify.annotations.NullMarked;
