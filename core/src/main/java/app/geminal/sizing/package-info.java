/**
 * From the finished pieces back. Entry classes: {@link app.geminal.sizing.Finish}, whether a bar
 * yields the pieces asked for; {@link app.geminal.sizing.Backwards}, the smallest stack that does.
 */
@NullMarked
package app.geminal.sizing;

import org.jspecify.annotations.NullMarked;
