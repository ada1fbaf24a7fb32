/**
 * Welds as open files. Entry classes: {@link app.geminal.library.welds.SharedWeldsFiles}, what one
 * shop gives to others; {@link app.geminal.library.welds.BookFiles}, the welds of a whole Book.
 */
@NullMarked
package app.geminal.library.welds;

import org.jspecify.annotations.NullMarked;
