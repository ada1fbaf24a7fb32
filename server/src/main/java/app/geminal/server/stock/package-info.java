/** Bars on the shelf. Entry class: {@link app.geminal.server.stock.StockController}. */
@NullMarked
package app.geminal.server.stock;

import org.jspecify.annotations.NullMarked;
