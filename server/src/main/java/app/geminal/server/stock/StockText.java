package app.geminal.server.stock;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum StockText implements ServerKey {
  THIS_BAR,
  NO_BAR;

  @Override
  public String section() {
    return "stock";
  }
}
