/**
 * The smith's own shop: what plans are computed with. Entry class: {@link app.geminal.shop.Shop};
 * {@link app.geminal.shop.ShopPreset} has a few to start from.
 *
 * <p>{@link app.geminal.shop.ShopDefaults} is what a step is taken to be when the plan does not
 * say, {@link app.geminal.shop.Limits} is where checks draw the line, the machines are what they
 * can do.
 */
@NullMarked
package app.geminal.shop;

import org.jspecify.annotations.NullMarked;
