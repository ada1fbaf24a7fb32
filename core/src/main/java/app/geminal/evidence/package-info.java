/**
 * What the Book teaches. Entry classes: {@link app.geminal.evidence.Evidence}, plain counts with
 * exact intervals by what a smith can choose; {@link app.geminal.evidence.HoldModel}, the chance
 * that the next weld holds; {@link app.geminal.evidence.Comparison}, two ways of working beside
 * each other.
 *
 * <p>What occurs together is counted. Why it does is nowhere said: an atmosphere protection may be
 * tried on the hard steels only, a smith on the big stacks. Suspect welds are not decided and count
 * for nothing.
 */
@NullMarked
package app.geminal.evidence;

import org.jspecify.annotations.NullMarked;
