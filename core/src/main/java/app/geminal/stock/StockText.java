package app.geminal.stock;

import app.geminal.text.MessageKey;

/** What is refused, and what may be read instead, in stock. */
enum StockText implements MessageKey {
  PRICE_WITHOUT_UNIT;

  @Override
  public String section() {
    return "stock";
  }
}
