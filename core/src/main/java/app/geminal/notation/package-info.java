/**
 * A plan in one line. Entry class: {@link app.geminal.notation.Shorthand}.
 *
 * <pre>
 * 13 (1075 3.2, 15N20 1.5) 38 x 150 > set 3 > draw 38 x 10 > trim 20, 25 > cut 5 > restack same
 * </pre>
 *
 * <p>The stack is a number of pieces and the pattern they follow, bottom first, then width x
 * length; groups are joined by {@code +}. Steps follow, each after {@code >}. What a step does not
 * say is the shop's habit. Reading what was written gives the same plan back, to the last bit.
 */
@NullMarked
package app.geminal.notation;

import org.jspecify.annotations.NullMarked;
