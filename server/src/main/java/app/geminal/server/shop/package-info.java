/**
 * The shop's machines, habits and limits. Entry class: {@link app.geminal.server.shop.ShopService}.
 */
@NullMarked
package app.geminal.server.shop;

import org.jspecify.annotations.NullMarked;
