package app.geminal.server.shop;

import app.geminal.shop.Shop;

/** The shop as it is kept; version 0 where nothing was said about it yet. */
public record StoredShop(Shop shop, int version) {}
