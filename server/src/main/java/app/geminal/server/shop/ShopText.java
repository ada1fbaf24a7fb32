package app.geminal.server.shop;

import app.geminal.server.text.ServerKey;

/** The texts of this package. */
enum ShopText implements ServerKey {
  THE_SHOP;

  @Override
  public String section() {
    return "shop";
  }
}
