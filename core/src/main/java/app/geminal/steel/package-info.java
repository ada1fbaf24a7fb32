/**
 * Steels and what the planner needs to know of them. Entry class: {@link app.geminal.steel.Steels},
 * the steels at hand in one shop.
 *
 * <p>Figures are taken as given; where they come from and how sure they are is in {@link
 * app.geminal.steel.Confidence}.
 */
@NullMarked
package app.geminal.steel;

import org.jspecify.annotations.NullMarked;
