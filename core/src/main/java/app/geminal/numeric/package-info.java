/** Arithmetic that several parts need: where something changes, and lines through points. */
@NullMarked
package app.geminal.numeric;

import org.jspecify.annotations.NullMarked;
