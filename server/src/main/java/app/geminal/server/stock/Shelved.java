package app.geminal.server.stock;

import app.geminal.stock.StockBar;

/** Bars as they are kept. */
public record Shelved(long id, int version, StockBar bar) {}
