/** What lies on the shelf. Entry class: {@link app.geminal.stock.StockBar}. */
@NullMarked
package app.geminal.stock;

import org.jspecify.annotations.NullMarked;
