/**
 * The demo shop, loaded through the same services as a user's own data. Entry class: {@link
 * app.geminal.server.demo.DemoShop}.
 */
@NullMarked
package app.geminal.server.demo;

import org.jspecify.annotations.NullMarked;
