package app.geminal.server.shop;

import app.geminal.server.text.ServerKey;

/** What is said of shop. */
enum ShopText implements ServerKey {
  THE_SHOP;

  @Override
  public String section() {
    return "shop";
  }
}
