/**
 * What is on the shelf, and what is cut from it. Entry classes: {@link app.geminal.stock.StockBar};
 * {@link app.geminal.stock.CutList}, which bars the pieces of a plan come from.
 */
@NullMarked
package app.geminal.stock;

import org.jspecify.annotations.NullMarked;
