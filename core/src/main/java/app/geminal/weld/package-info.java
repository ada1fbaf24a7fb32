/**
 * Welds as they are planned and as they were made. Entry class: {@link
 * app.geminal.weld.WeldRecord}, what the Book keeps.
 */
@NullMarked
package app.geminal.weld;

import org.jspecify.annotations.NullMarked;
