package app.geminal.stock;

import app.geminal.text.MessageKey;

/** The texts of this package. */
enum StockText implements MessageKey {
  PRICE_WITHOUT_UNIT;

  @Override
  public String section() {
    return "stock";
  }
}
