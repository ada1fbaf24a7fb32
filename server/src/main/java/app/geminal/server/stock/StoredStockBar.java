package app.geminal.server.stock;

import app.geminal.stock.StockBar;

/**
 * Bars as they are kept.
 *
 * @param id number
 * @param version counts changes; what is sent is refused when another change came in between
 * @param bar the bar or sheet
 */
public record StoredStockBar(long id, int version, StockBar bar) {}
