/**
 * The shelf as a file. Entry class: {@link app.geminal.library.shelf.ShelfFile}, bars of a shop as
 * CSV.
 */
@NullMarked
package app.geminal.library.shelf;

import org.jspecify.annotations.NullMarked;
