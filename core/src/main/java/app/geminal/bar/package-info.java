/**
 * The steel on the bench at one stage. Entry class: {@link app.geminal.bar.Bars}: one bar, or
 * several equal ones after a cut. Bars are taken as square-edged and even along their length.
 */
@NullMarked
package app.geminal.bar;

import org.jspecify.annotations.NullMarked;
