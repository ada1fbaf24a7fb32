/**
 * Tables of steels. Entry classes: {@link app.geminal.library.ShippedSteels}, the table that comes
 * with a release; {@link app.geminal.library.OwnSteelTable}, a shop's own steels as CSV.
 */
@NullMarked
package app.geminal.library;

import org.jspecify.annotations.NullMarked;
