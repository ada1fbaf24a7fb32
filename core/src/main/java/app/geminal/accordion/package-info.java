/**
 * The accordion: a bar cut hot across from both edges in turn, opened and flattened. Entry class:
 * {@link app.geminal.accordion.Accordion}, a kind of step in a package of its own.
 *
 * <p>Model: each piece between two cuts turns as a whole by a quarter, so that its end grain is on
 * the broad face. A real hinge is squeezed on one side and stretched on the other; that is left
 * out, and is off by about the thickness of the hinge at either end of a piece. Lengths are mm. No
 * randomness, no clock.
 */
@NullMarked
package app.geminal.accordion;

import org.jspecify.annotations.NullMarked;
