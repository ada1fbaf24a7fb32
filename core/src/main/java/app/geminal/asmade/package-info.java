/**
 * What a plan's steps came out as: the figures of steps that show in the pattern, and how a view of
 * the bar would look had they come out otherwise. Entry class: {@link app.geminal.asmade.AsMade}. A
 * photograph of the real bar is searched for the figures that look most like it.
 */
@NullMarked
package app.geminal.asmade;

import org.jspecify.annotations.NullMarked;
